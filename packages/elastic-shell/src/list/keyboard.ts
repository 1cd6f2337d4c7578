// Keys in a list: chords ask for intents, letters lead to items.
import type { Item } from '../core/collection/items.js';
import type { KeyAct, KeyActs } from '../core/contract/contract.js';
import { chordOf, isHeldPress, keyOf, meaningOf } from '../events/keys.js';
import type { Letters } from './letters.js';

/** What keys mean, and who acts on it. */
export interface KeyboardRules<I extends string> {
  root: HTMLElement;
  /** The items that keys go through now, and the one they go from. */
  look(): { items: readonly Item[]; stop: string | undefined };
  /** What the keys mean now. */
  keys(): KeyActs<I>;
  /** Letters that lead to items. Default: letters do nothing. */
  letters?: Letters | undefined;
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
  const { letters } = rules;
  /** True when the key was a letter, and so belongs to a word. */
  const type = (event: KeyboardEvent): boolean => {
    const key = keyOf(event);
    // On some keyboards AltGr counts as Control with Alt. It types a letter all the same.
    const isHeld = (event.ctrlKey || event.metaKey || event.altKey) && !event.getModifierState?.('AltGraph');
    if (!letters || isHeld || meaningOf(rules.keys(), key)) return false;
    const found = letters.type(key, event.timeStamp, rules.look);
    if (!found) return false;
    event.preventDefault();
    if (found.key !== undefined) rules.found(found.key, event);
    return true;
  };
  const forget = (): void => letters?.forget();
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
