// Checks of toolbars and menubars.
import type { Facts } from '../facts.js';
import { fail, skip } from '../outcome.js';
import type { Stage } from '../stage.js';
import { checkCurrent, currentOf, inline, needItems, type Check, whereIs } from './check.js';

/** Moves into a bar with Tab. */
async function enter(stage: Stage): Promise<Facts> {
  const facts = await stage.tabTo('stop');
  if (facts.focus !== 'inside') fail(`Tab does not move into the bar: ${whereIs(facts)}`);
  needItems(facts, 2);
  if (facts.isTextField) skip('the item with the tab stop is a text field, which uses the keys itself');
  return facts;
}

/** Returns the arrow keys of a bar, by its orientation and the direction of the text. */
const arrow = (facts: Facts, isForward: boolean): string =>
  facts.isVertical ? (isForward ? 'ArrowDown' : 'ArrowUp') : inline(facts, isForward);

const moves = (
  key: string,
  expected: string,
  keys: (facts: Facts) => readonly string[],
  place: number,
): Check => ({
  key,
  expected,
  async run(stage) {
    let facts = await enter(stage);
    for (const each of ['Home', ...keys(facts)]) {
      facts = await stage.press(each);
      if (facts.isTextField) skip('a text field between the items uses the keys itself');
    }
    checkCurrent(facts, place);
  },
});

/** Checks for every bar. */
const barChecks: readonly Check[] = [
  {
    key: 'Tab',
    expected: 'focus moves to the item with the tab stop',
    async run(stage) {
      const facts = await enter(stage);
      if (facts.current < 0) fail(currentOf(facts));
    },
  },
  moves('ArrowRight', 'focus moves to the next item', (facts) => [arrow(facts, true)], 1),
  moves(
    'ArrowLeft',
    'focus moves to the previous item',
    (facts) => [arrow(facts, true), arrow(facts, false)],
    0,
  ),
  moves('Home', 'focus moves to the first item', () => ['End', 'Home'], 0),
  moves('End', 'focus moves to the last item', () => ['End'], -1),
  {
    key: 'Tab and back',
    expected: 'focus leaves the bar, and returns to the item that had it last',
    async run(stage) {
      const facts = await enter(stage);
      await stage.press('Home');
      const moved = await stage.press(arrow(facts, true));
      const left = await stage.press('Tab');
      if (left.current >= 0) fail(`Tab moves to another item: ${currentOf(left)}`);
      const back = await stage.tabTo('stop');
      if (back.current !== moved.current) fail(currentOf(back));
    },
  },
];

/** The checks of a toolbar. */
export const toolbarChecks: readonly Check[] = barChecks;

/** The checks of a menubar. */
export const menubarChecks: readonly Check[] = [
  ...barChecks,
  {
    key: 'ArrowDown',
    expected: 'the menu of the item opens, and Escape closes it',
    async run(stage) {
      const facts = await enter(stage);
      const place = facts.items.findIndex(({ opens, isDisabled }) => opens && !isDisabled);
      if (place < 0) skip('no item has a menu');
      await stage.press('Home');
      for (let at = 0; at < place; at++) await stage.press(arrow(facts, true));
      const opened = await stage.press(facts.isVertical ? inline(facts, true) : 'ArrowDown');
      if (opened.items[place]?.expanded !== true) fail('the menu does not open');
      const closed = await stage.press('Escape');
      if (closed.items[place]?.expanded !== false || closed.current !== place)
        fail(`the menu is still open, or ${currentOf(closed)}`);
    },
  },
];
