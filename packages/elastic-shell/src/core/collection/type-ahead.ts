// Type-ahead: letters typed one after the other find an item. The clock is the caller's.
import { indexOf, type Item } from './items.js';
import { foldedLabel } from './fold.js';
import { foldedLabels } from './search.js';

/** Milliseconds after which the next letter begins a new word. */
export const pause = 500;

/** A word that is being typed. */
export interface TypeAhead {
  /** What has been typed in one go. */
  typed: string;
  /** When the last letter came, in milliseconds. */
  at: number;
}

/** No word yet. */
export const typedNothing: TypeAhead = { typed: '', at: -Infinity };

/** True for a key that is one letter, digit or sign; Space only within a word. */
export const isLetter = (key: string, state: TypeAhead, now: number): boolean =>
  [...key].length === 1 && (key !== ' ' || (!!state.typed && now - state.at < pause));

/**
 * The state after `letter` at `now`, and the key of the item it leads to from `current`: the next whose label
 * begins with what was typed, looking at the current one first when a word goes on. One letter again and
 * again goes through all that begin with it.
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
  // "aa" may begin a word (Aachen); no word begins with "aaa". Where none begins so, each a means the next item with a.
  const key = goesOn && !cycles ? find(typed, Math.max(0, here)) : find(letter, here + 1);
  const word = cycles && typed.length === 2 * letter.length ? find(typed, Math.max(0, here)) : undefined;
  return { state: next, key: word ?? key };
}
