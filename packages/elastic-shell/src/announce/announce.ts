// Announcements: polite messages in a live region, counted with plural rules, and never the same message
// twice in a row. Of several messages in quick succession only the last is announced; a screen reader would
// otherwise read all of them.

import { markMade } from '../engine/made.js';
import type { Speaker } from './speaker.js';

/**
 * Texts for counts. `plural` is the plural category of the number in the language of the page (CLDR: one,
 * few, other, …).
 */
export interface Counts {
  /** Returns the text for a number of matches. Default, in English: "3 matches", "1 match", "No match". */
  count?(found: number, plural: Intl.LDMLPluralRule): string;
}

/** Announces counts. */
export interface Announcer extends Omit<Speaker, 'region'> {
  /** Zero matches are also shown, unless the author wrote the status element himself. */
  count(found: number): void;
}

/**
 * How long nothing must change before the message is announced, in milliseconds. Of several messages the last
 * one counts.
 */
const quiet = 250;

const english = (found: number, plural: Intl.LDMLPluralRule): string =>
  found ? `${found} ${plural === 'one' ? 'match' : 'matches'}` : 'No match';

/** Returns the language of an element, from its markup. */
export const languageOf = (element: Element): string | undefined =>
  element.closest('[lang]')?.getAttribute('lang') || undefined;

/**
 * Announces messages in the `[role=status]` of `root`. Without one, a region is created in `root` or after it
 * on first use. It is inside the layer of `root`, because a screen reader does not read what is outside a
 * modal layer.
 *
 * @param root - The root of the pattern.
 * @param words - The texts for counts.
 * @param put - Inserts a region that is created.
 * @returns The announcer.
 */
export function announcer(
  root: HTMLElement,
  words: Counts | (() => Counts | undefined) = {},
  put: 'after' | 'append' = 'after',
): Announcer {
  const document = root.ownerDocument;
  let made: HTMLElement | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let last = '';
  const region = (): HTMLElement => {
    const own = root.querySelector<HTMLElement>('[role=status]');
    if (own) return own;
    if (!made?.isConnected) {
      made = markMade(document.createElement('div'));
      made.setAttribute('role', 'status');
      made.setAttribute('data-spoken', '');
      root[put](made);
    }
    return made;
  };
  const say = (text: string, isSeen = false): void => {
    const place = region();
    clearTimeout(timer);
    timer = setTimeout(() => {
      made?.toggleAttribute('data-spoken', !isSeen);
      made?.toggleAttribute('data-notice', isSeen);
      if (text !== last || place.textContent !== text) place.textContent = last = text;
    }, quiet);
  };
  return {
    say: (text) => say(text),
    count(found) {
      const rules = new Intl.PluralRules(languageOf(root));
      const own = typeof words === 'function' ? words() : words;
      say((own?.count ?? english)(found, rules.select(found)), !found);
    },
    release() {
      clearTimeout(timer);
      made?.remove();
    },
  };
}
