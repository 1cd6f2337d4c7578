// The keys of a pattern light up as they are pressed in its example.

/** Returns the name of a key as in the tables. */
const wordOf = ({ key, shiftKey, altKey, ctrlKey, metaKey }: KeyboardEvent): string[] => {
  const plain = key === ' ' ? 'Space' : key;
  const held = `${altKey ? 'Alt+' : ''}${ctrlKey || metaKey ? 'Control+' : ''}${shiftKey && key.length > 1 ? 'Shift+' : ''}`;
  const letter = key.length === 1 && key !== ' ' && !held ? ['letters'] : [];
  const arrows = shiftKey && key.startsWith('Arrow') ? ['Shift+Arrow'] : [];
  return [held + plain, ...letter, ...arrows];
};

/**
 * Highlights the rows of the table while keys are pressed in the example. Layers opened from it count as
 * well.
 */
export function lightKeys(): void {
  const rows = [...document.querySelectorAll<HTMLElement>('.keys [data-press]')];
  if (!rows.length) return;
  const within = (target: EventTarget | null): boolean =>
    target instanceof Element && Boolean(target.closest('.example'));
  document.addEventListener(
    'keydown',
    (event) => {
      if (!within(event.target)) return;
      const words = wordOf(event);
      for (const row of rows) row.toggleAttribute('data-lit', words.includes(row.dataset['press'] ?? ''));
    },
    true,
  );
}
