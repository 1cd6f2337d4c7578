// Keys in a list: key combinations request intents, and letters find items.
import type { Item } from '../core/collection/items.js';
import type { KeyAct, KeyActs } from '../core/contract/contract.js';
import { chordOf, isHeldPress, keyOf, meaningOf } from '../events/keys.js';
import type { Letters } from './letters.js';

/** What keys mean, and who handles them. */
export interface KeyboardRules<I extends string> {
  root: HTMLElement;
  /** Returns the items that keys move through now, and the one that they start from. */
  look(): { items: readonly Item[]; stop: string | undefined };
  /** Returns what the keys mean now. */
  keys(): KeyActs<I>;
  /** The search by letters. Default: letters do nothing. */
  letters?: Letters | undefined;
  found(key: string, event: KeyboardEvent): void;
  act(act: KeyAct<I>, event: KeyboardEvent): void;
}

/** The key handling of a list. */
export interface Keyboard {
  /** Handles a key that was pressed on an item, or on the element that keeps focus for the items. */
  press(event: KeyboardEvent): void;
  /** Ends the typed word. The next letter begins another. */
  forget(): void;
}

/** Handles the keys of a list. */
export function keyboard<I extends string>(rules: KeyboardRules<I>): Keyboard {
  const { letters } = rules;
  /** Returns true if the key was a letter, and so is part of a word. */
  const type = (event: KeyboardEvent): boolean => {
    const key = keyOf(event);
    // On some keyboards AltGr counts as Control with Alt, but it types a letter.
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
