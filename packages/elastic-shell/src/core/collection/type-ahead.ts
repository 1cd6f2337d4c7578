// Type-ahead: typed letters find an item. The caller provides the time.
import { indexOf, type Item } from './items.js';
import { foldedLabel } from './fold.js';
import { foldedLabels } from './search.js';

/** Milliseconds after which the next letter starts a new word. */
export const pause = 500;

/** A word that is being typed. */
export interface TypeAhead {
  /** The letters typed so far. */
  typed: string;
  /** The time of the last letter, in milliseconds. */
  at: number;
}

/** No word yet. */
export const typedNothing: TypeAhead = { typed: '', at: -Infinity };

/** Returns true for a key that is one letter, digit or sign. Space counts only within a word. */
export const isLetter = (key: string, state: TypeAhead, now: number): boolean =>
  [...key].length === 1 && (key !== ' ' || (!!state.typed && now - state.at < pause));

/**
 * Returns the state after `letter` at the time `now`, and the key that it leads to from `current`: the next
 * item whose label begins with the typed letters, starting with the current one within a word. Repeating one
 * letter moves through all items that begin with it.
 */
export function typeAhead(
  state: TypeAhead,
  letter: string,
  now: number,
  items: readonly Item[],
  current: string | undefined,
): { state: TypeAhead; key: string | undefined } {
  const goesOn = now - state.at < pause;
  const typed = goesOn ? state.typed + letter : letter;
  const cycles = [...typed].every((sign) => sign === letter);
  const labelAt = foldedLabels(items);
  const find = (text: string, from: number): string | undefined => {
    const wanted = foldedLabel(text);
    const { length } = items;
    for (let tried = 0; tried < length; tried++) {
      const at = (from + tried) % length;
      if (labelAt(at).startsWith(wanted) && !items[at]?.disabled) return items[at]?.key;
    }
    return undefined;
  };
  const here = indexOf(items, current);
  const next = { typed, at: now };
  // "aa" may begin a word (Aachen), but "aaa" never does. If no item begins with the letters, each "a" moves
  // to the next item with "a".
  const key = goesOn && !cycles ? find(typed, Math.max(0, here)) : find(letter, here + 1);
  const word = cycles && typed.length === 2 * letter.length ? find(typed, Math.max(0, here)) : undefined;
  return { state: next, key: word ?? key };
}
