// Letters that are typed in a list and lead to an item. A pattern asks for them by value (`letters: lettersTo('go')`), so that those
// without letters, such as tabs, don't carry the search.
import type { Item } from '../core/collection/items.js';
import { isLetter, typeAhead, typedNothing } from '../core/collection/type-ahead.js';
import { type Preparer, preparer } from './prepare.js';

/** The letters that are typed in one list. */
export interface Letters extends Preparer {
  /**
   * Takes a key at a time in milliseconds, going from the item of `stop`. Returns what it leads to, with a `key` if there is such an item;
   * undefined if the key is no letter, or a space that continues no word.
   */
  type(
    key: string,
    now: number,
    look: () => { items: readonly Item[]; stop: string | undefined },
  ): { key: string | undefined } | undefined;
  /** Ends the word: what is typed next begins another. */
  forget(): void;
}

/** What letters do in a pattern. */
export interface LettersRule<I extends string> {
  /** The intent on the item that they lead to. */
  intent: I;
  /** Begins to follow them in the list of `root`. */
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

/** Has letters lead to an item, with `intent`. */
export const lettersTo = <I extends string>(intent: I): LettersRule<I> => ({ intent, follow });
