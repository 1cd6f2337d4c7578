// How the bench takes times: medians, to layout, with a frame between.

export const rounds = 15;
export const median = (times: number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1]!;
export const timed = (act: () => void): number => {
  const began = performance.now();
  act();
  return performance.now() - began;
};
export const frame = (): Promise<void> =>
  new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
export const layout = (): number => document.body.offsetHeight;
