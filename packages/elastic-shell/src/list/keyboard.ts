// Keys in a list: chords ask for intents, letters lead to items.
import type { Item } from '../core/collection/items.js';
import { isLetter, typeAhead, typedNothing } from '../core/collection/type-ahead.js';
import type { KeyAct, KeyActs } from '../core/contract/contract.js';
import { chordOf, isHeldPress, keyOf, meaningOf } from '../events/keys.js';

/** What keys mean, and who acts on it. */
export interface KeyboardRules<I extends string> {
  root: HTMLElement;
  /** The items that keys go through now, and the one they go from. */
  look(): { items: readonly Item[]; stop: string | undefined };
  /** What the keys mean now. */
  keys(): KeyActs<I>;
  /** Letters lead to items. */
  letters?: boolean | undefined;
  found(key: string, event: KeyboardEvent): void;
  act(act: KeyAct<I>, event: KeyboardEvent): void;
}

/** Keys of a list that are heard. */
export interface Keyboard {
  /** What to do with a key that was pressed on an item, or on what keeps focus for them. */
  press(event: KeyboardEvent): void;
  /** The word that was begun is over: what is typed next begins another. */
  forget(): void;
}

/** Serves the keys of a list. */
export function keyboard<I extends string>(rules: KeyboardRules<I>): Keyboard {
  let typed = typedNothing;

  /** True when the key was a letter, and so belongs to a word. */
  const type = (event: KeyboardEvent): boolean => {
    const { timeStamp } = event;
    const key = keyOf(event);
    const isHeld = event.ctrlKey || event.metaKey || event.altKey;
    if (!rules.letters || isHeld || meaningOf(rules.keys(), key) || !isLetter(key, typed, timeStamp))
      return false;
    const { items, stop } = rules.look();
    const found = typeAhead(typed, key, timeStamp, items, stop);
    // A space that goes on no word does what Space does.
    if (key === ' ' && found.key === undefined) return false;
    event.preventDefault();
    typed = found.state;
    if (found.key !== undefined) rules.found(found.key, event);
    return true;
  };
  const forget = (): void => void (typed = typedNothing);
  return {
    forget,
    press(event) {
      if (event.defaultPrevented || event.isComposing) return;
      if (isHeldPress(event)) return event.preventDefault();
      if (type(event)) return;
      const act = meaningOf(rules.keys(), chordOf(event, rules.root));
      if (!act) return;
      forget();
      rules.act(act, event);
    },
  };
}
