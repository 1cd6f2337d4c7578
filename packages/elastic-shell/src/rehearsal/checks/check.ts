// The shape of a row, and questions that many rows ask.
import type { Facts } from '../facts.js';
import type { Stage } from '../stage.js';
import { fail, skip } from '../outcome.js';

/** One row of a contract, as it is rehearsed. */
export interface Check {
  /** What is done, as one would say it. */
  key: string;
  /** What the contract says should happen. */
  expected: string;
  /** Does it. Throws `Failed` where it does not hold, and `Skipped` where a page may leave it out. */
  run(stage: Stage): Promise<void>;
}

/** Where focus is, in words. */
export const whereIs = ({ focus }: Facts): string =>
  ({
    opener: 'focus is on the opener',
    inside: 'focus is inside',
    page: 'focus is on <body>',
    elsewhere: 'focus is elsewhere on the page',
  })[focus];

const openness = ({ isOpen }: Facts): string => (isOpen ? 'it is open' : 'it is closed');

/** How things stand, in words. */
export const standing = (facts: Facts): string => `${openness(facts)}, and ${whereIs(facts)}`;

/** Goes on only where it holds. */
export function check(holds: boolean, facts: Facts): void {
  if (!holds) fail(standing(facts));
}

/** The label of the item that is current, in words. */
export const currentOf = ({ items, current }: Facts): string =>
  current < 0
    ? 'no item is current'
    : `“${items[current]?.label ?? ''}” is current, ${current + 1} of ${items.length}`;

/**
 * Goes on only where the item at `place` is current; a place below 0 counts from the end. Where it is disabled, the next one that is
 * not counts as well: whether such an item can be gone to is the page's choice.
 */
export function checkCurrent(facts: Facts, place: number): void {
  const { items, current } = facts;
  let wanted = place < 0 ? items.length + place : place;
  if (current === wanted) return;
  while (items[wanted]?.isDisabled) wanted += place < 0 ? -1 : 1;
  if (current !== wanted) fail(currentOf(facts));
}

/** Leaves rows about going from item to item out where there are too few. */
export function needItems({ items }: Facts, count: number): void {
  if (items.length < count) skip(`it has ${items.length} item${items.length === 1 ? '' : 's'}`);
}

/** The first item after `from` that begins with other letters than it, and how many letters tell it. */
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
  return skip('no two items begin with other letters');
}

/** The name of a key that goes on in reading direction, or back. */
export const inline = ({ isRtl }: Facts, isNext: boolean): string =>
  isNext === isRtl ? 'ArrowLeft' : 'ArrowRight';
