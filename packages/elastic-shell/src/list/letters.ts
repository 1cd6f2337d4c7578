// The search by typed letters. A pattern requests it with a value (`letters: lettersTo('go')`), so that
// patterns without it, such as tabs, don't contain its code.
import type { Item } from '../core/collection/items.js';
import { isLetter, typeAhead, typedNothing } from '../core/collection/type-ahead.js';
import { type Preparer, preparer } from './prepare.js';

/** The search by letters in one list. */
export interface Letters extends Preparer {
  /**
   * Handles one key at a time, in milliseconds, starting from the item of `stop`. Returns the result, with a
   * `key` if an item was found. Undefined if the key isn't a letter, or a space that continues no word.
   */
  type(
    key: string,
    now: number,
    look: () => { items: readonly Item[]; stop: string | undefined },
  ): { key: string | undefined } | undefined;
  /** Ends the word. The next letter begins another. */
  forget(): void;
}

/** What letters do in a pattern. */
export interface LettersRule<I extends string> {
  /** The intent for the item that was found. */
  intent: I;
  /** Starts the search in the list of `root`. */
  follow(root: Element): Letters;
}

function follow(root: Element): Letters {
  let typed = typedNothing;
  return {
    ...preparer(root),
    type(key, now, look) {
      if (!isLetter(key, typed, now)) return undefined;
      const { items, stop } = look();
      const found = typeAhead(typed, key, now, items, stop);
      if (key === ' ' && found.key === undefined) return undefined;
      typed = found.state;
      return found;
    },
    forget: () => void (typed = typedNothing),
  };
}

/**
 * Finds items by typed letters.
 *
 * @param intent - The intent for the item that was found.
 * @returns The rule for the list.
 */
export const lettersTo = <I extends string>(intent: I): LettersRule<I> => ({ intent, follow });
