// Announcements: said politely in a live region, counted with plural rules, never the same thing twice in a row.
//
// Of several in a row the last is said, after a quiet moment: a screen reader would otherwise read all of them.

import { markMade } from '../engine/made.js';
import type { Speaker } from './speaker.js';

/** Words for counts; `plural` is the category of the number in the language of the page (CLDR: one, few, other, …). */
export interface Counts {
  /** How many there are. Default, in English: "3 matches", "1 match", "No match". */
  count?(found: number, plural: Intl.LDMLPluralRule): string;
}

/** A speaker that counts. */
export interface Announcer extends Omit<Speaker, 'region'> {
  /** That there is nothing is also seen, where the status is not the author's own. */
  count(found: number): void;
}

/** Milliseconds of quiet before something is said: of several in a row the last. */
const quiet = 250;

const english = (found: number, plural: Intl.LDMLPluralRule): string =>
  found ? `${found} ${plural === 'one' ? 'match' : 'matches'}` : 'No match';

/** The language of an element, as its markup says. */
export const languageOf = (element: Element): string | undefined =>
  element.closest('[lang]')?.getAttribute('lang') || undefined;

/**
 * Says things in the `[role=status]` of `root`, else in one that is made in it or after it when it is first needed: within
 * `root`'s own layer, since what is outside a modal one is not read out.
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
