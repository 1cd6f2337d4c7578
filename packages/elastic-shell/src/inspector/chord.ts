// The shortcut that opens the inspector: keys separated by plus signs, such as `Alt+Shift+y`.

/**
 * Returns whether an event matches the shortcut. The key is compared by its character, or else by its
 * position on the keyboard.
 */
export function isChord(event: KeyboardEvent, chord: string): boolean {
  const parts = chord.split('+');
  const key = (parts.pop() ?? '').toLowerCase();
  const held = new Set(parts.map((part) => part.toLowerCase()));
  return (
    (event.key.toLowerCase() === key || event.code.toLowerCase() === `key${key}`) &&
    event.altKey === held.has('alt') &&
    event.shiftKey === held.has('shift') &&
    event.ctrlKey === (held.has('control') || held.has('ctrl')) &&
    event.metaKey === (held.has('meta') || held.has('command'))
  );
}

/** Throws a TypeError if a text isn't a shortcut of at least one modifier and one key. */
export function checkChord(chord: string): void {
  if (/^((Alt|Shift|Control|Meta)\+)+\S+$/.test(chord)) return;
  throw new TypeError(
    `elastic-shell: the inspector's shortcut must be modifiers and a key, such as "Alt+Shift+y", got ${JSON.stringify(chord)}`,
  );
}
