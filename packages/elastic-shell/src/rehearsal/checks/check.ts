// The type of a check, and questions that many checks ask.
import type { Facts } from '../facts.js';
import type { Stage } from '../stage.js';
import { fail, skip } from '../outcome.js';

/** A check of a contract. */
export interface Check {
  /** What the check does, in words. */
  key: string;
  /** What the contract requires. */
  expected: string;
  /**
   * Runs the check.
   *
   * @param stage - The widget, with methods that press keys and read the result.
   * @throws Failed if the widget does something else.
   * @throws Skipped if the check does not apply to the page.
   */
  run(stage: Stage): Promise<void>;
}

/** Returns where focus is, in words. */
export const whereIs = ({ focus }: Facts): string =>
  ({
    opener: 'focus is on the opener',
    inside: 'focus is inside the widget',
    page: 'focus is on <body>',
    elsewhere: 'focus is elsewhere on the page',
  })[focus];

const openness = ({ isOpen }: Facts): string => (isOpen ? 'it is open' : 'it is closed');

/** Returns the current facts, in words. */
export const standing = (facts: Facts): string => `${openness(facts)}, and ${whereIs(facts)}`;

/** Fails the check unless the condition is true. */
export function check(holds: boolean, facts: Facts): void {
  if (!holds) fail(standing(facts));
}

/** Returns the label of the current item, in words. */
export const currentOf = ({ items, current }: Facts): string =>
  current < 0
    ? 'no item is current'
    : `“${items[current]?.label ?? ''}” is current, ${current + 1} of ${items.length}`;

/**
 * Fails the check unless the item at `place` is current. A place below 0 counts from the end. If the item is
 * disabled, the next enabled one counts as well, because the page decides whether disabled items can be
 * reached.
 */
export function checkCurrent(facts: Facts, place: number): void {
  const { items, current } = facts;
  let wanted = place < 0 ? items.length + place : place;
  if (current === wanted) return;
  while (items[wanted]?.isDisabled) wanted += place < 0 ? -1 : 1;
  if (current !== wanted) fail(currentOf(facts));
}

/** Skips a check about moving between items if there are too few. */
export function needItems({ items }: Facts, count: number): void {
  if (items.length < count)
    skip(items.length === 1 ? 'there is only 1 item' : `there are ${items.length} items`);
}

/**
 * Returns the first item after `from` whose label begins with other letters, and how many letters are needed.
 */
export function byLetters({ items }: Facts, from: number): { letters: string; place: number } {
  for (let place = items.length - 1; place > from; place--) {
    if (items[place]?.isDisabled) continue;
    const label = items[place]?.label.toLowerCase() ?? '';
    const letters = /^\p{L}\p{L}?/u.exec(label)?.[0];
    const first =
      letters === undefined
        ? -1
        : items.findIndex((item, at) => at > from && item.label.toLowerCase().startsWith(letters));
    if (letters && first === place) return { letters, place };
  }
  return skip('all items begin with the same letters');
}

/** Returns the key that moves forward in reading direction, or back. */
export const inline = ({ isRtl }: Facts, isNext: boolean): string =>
  isNext === isRtl ? 'ArrowLeft' : 'ArrowRight';
