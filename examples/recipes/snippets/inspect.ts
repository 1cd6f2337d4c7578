// What docs/guides/inspector.md shows.
export async function inspect(isDevelopment: boolean): Promise<void> {
  if (!isDevelopment) return;
  const { inspector, setDocuments } = await import('elastic-shell/inspector');
  inspector.set({ chord: 'Alt+Shift+y', side: 'start', button: false });
  setDocuments('http://localhost:5173/');
}
