// Checks of disclosures, accordions, tabs, carousels and switches.
import type { Facts } from '../facts.js';
import { fail, skip } from '../outcome.js';
import type { Stage } from '../stage.js';
import { checkCurrent, currentOf, inline, needItems, type Check, whereIs } from './check.js';

const state = (facts: Facts): string =>
  `it says aria-expanded="${facts.expanded ?? 'nothing'}", and shows ${facts.shown === '' ? 'nothing' : 'its panel'}`;

/** Toggles a disclosure with `act`, and checks that both its state and what it shows have changed. */
async function turnsOver(stage: Stage, act: () => Promise<Facts>): Promise<void> {
  const before = await stage.facts();
  const isOther = (facts: Facts): boolean =>
    facts.expanded !== before.expanded && facts.shown !== before.shown;
  await act();
  const facts = await stage.until(isOther);
  await stage.listen();
  if (before.shown === '' && facts.shown === '' && facts.expanded !== before.expanded)
    fail(`${state(facts)}: it names no panel that shows`);
  if (!isOther(facts)) fail(state(facts));
}

const tabRow = (what: 'opener' | 'stop'): Check => ({
  key: 'Tab',
  expected: 'Tab goes to it',
  async run(stage) {
    const facts = await stage.tabTo(what);
    if (facts.isDisabled) skip('it is disabled');
    if (facts.focus !== 'opener' && facts.focus !== 'inside') fail(whereIs(facts));
  },
});

/** The checks of a disclosure. */
export const disclosureChecks: readonly Check[] = [
  tabRow('opener'),
  ...['Enter', 'Space'].map((key): Check => ({
    key,
    expected: 'it opens what was closed, or closes it, and says so',
    async run(stage) {
      if ((await stage.tabTo('opener')).isDisabled) skip('it is disabled');
      await turnsOver(stage, () => stage.press(key));
    },
  })),
  {
    key: 'press',
    expected: 'it opens what was closed, or closes it, and says so',
    async run(stage) {
      if ((await stage.facts()).isDisabled) skip('it is disabled');
      await turnsOver(stage, () => stage.click('opener'));
    },
  },
];

/** The checks of an accordion. */
export const accordionChecks: readonly Check[] = [
  tabRow('opener'),
  ...['Enter', 'Space'].map((key): Check => ({
    key,
    expected: 'the section opens or closes, and its header says so',
    async run(stage) {
      const { items } = await stage.tabTo('opener');
      if (items[0]?.isDisabled) skip('its first section may not close');
      await turnsOver(stage, () => stage.press(key));
    },
  })),
  {
    key: 'press',
    expected: 'the section opens or closes, and its header says so',
    async run(stage) {
      if ((await stage.facts()).items[0]?.isDisabled) skip('its first section may not close');
      await turnsOver(stage, () => stage.click('item', 0));
    },
  },
  {
    key: 'ArrowDown',
    expected: 'with arrows: focus goes to the next header',
    async run(stage) {
      await stage.tabTo('opener');
      const facts = await stage.press('ArrowDown');
      if (facts.current === 0) skip('it has no arrows, which it may leave out');
      checkCurrent(facts, 1);
    },
  },
];

/** Returns the position of the tab that Tab moves to. */
const reach = async (stage: Stage): Promise<Facts> => {
  const facts = await stage.tabTo('stop');
  needItems(facts, 2);
  if (facts.current < 0) fail(`Tab does not go to a tab: ${whereIs(facts)}`);
  return facts;
};

const onwards = (facts: Facts, isNext: boolean): string =>
  facts.isVertical ? (isNext ? 'ArrowDown' : 'ArrowUp') : inline(facts, isNext);

const can = (facts: Facts): number[] => facts.items.flatMap(({ isDisabled }, at) => (isDisabled ? [] : [at]));

/** Moves from the focused tab. `place` chooses which of those that can be reached is expected. */
const movesTo = (
  key: string,
  expected: string,
  act: (facts: Facts) => string,
  place: (order: number[], at: number) => number | undefined,
): Check => ({
  key,
  expected,
  async run(stage) {
    const before = await reach(stage);
    const order = can(before);
    const wanted = place(order, order.indexOf(before.current));
    const facts = await stage.press(act(before));
    if (facts.current !== wanted) fail(currentOf(facts));
  },
});

/** The checks of tabs. */
export const tabsChecks: readonly Check[] = [
  {
    key: 'Tab',
    expected: 'Tab goes to the tab that is selected',
    async run(stage) {
      const facts = await reach(stage);
      if (!facts.items[facts.current]?.isSelected)
        fail(`${currentOf(facts)}, and it is not the one selected`);
    },
  },
  movesTo(
    'ArrowRight',
    'focus goes to the next tab',
    (facts) => onwards(facts, true),
    (order, at) => order[(at + 1) % order.length],
  ),
  movesTo(
    'ArrowLeft',
    'focus goes to the previous tab; from the first to the last',
    (facts) => onwards(facts, false),
    (order, at) => order.at(at - 1),
  ),
  movesTo(
    'Home',
    'focus goes to the first tab',
    () => 'Home',
    (order) => order[0],
  ),
  movesTo(
    'End',
    'focus goes to the last tab',
    () => 'End',
    (order) => order.at(-1),
  ),
  {
    key: 'selection',
    expected: 'the tab that is gone to, or Enter on it, shows its panel alone',
    async run(stage) {
      const before = await reach(stage);
      const moved = await stage.press(onwards(before, true));
      if (!moved.items[moved.current]?.isSelected) await stage.press('Enter');
      const facts = await stage.until(({ items, current }) => items[current]?.isSelected === true);
      const selected = facts.items.filter(({ isSelected }) => isSelected).length;
      if (!facts.items[facts.current]?.isSelected || selected !== 1)
        fail(`${currentOf(facts)}, and ${selected} tabs are selected`);
      if (facts.shown === before.shown) fail('the same panel shows as before');
    },
  },
  {
    key: 'Tab, on',
    expected: 'Tab leaves the tabs: they are one stop',
    async run(stage) {
      await reach(stage);
      const facts = await stage.press('Tab');
      if (facts.current >= 0) fail(`Tab goes to another tab: ${currentOf(facts)}`);
    },
  },
];

/** The checks of a carousel. */
export const carouselChecks: readonly Check[] = [
  {
    key: 'names',
    expected: 'each slide has a name',
    async run(stage) {
      const { items } = await stage.facts();
      const nameless = items.findIndex(({ label }) => !label);
      if (!items.length) fail('it holds nothing with aria-roledescription="slide"');
      if (nameless >= 0) fail(`slide ${nameless + 1} has no name`);
    },
  },
  {
    key: 'stops',
    expected: 'Tab goes to its controls',
    async run(stage) {
      if ((await stage.stopCount()) === 0) fail('it holds nothing that Tab goes to');
    },
  },
];

/** The checks of a switch. */
export const switchChecks: readonly Check[] = [
  tabRow('opener'),
  ...['Space', 'press'].map((key): Check => ({
    key,
    expected: 'it is turned over, and says so',
    async run(stage) {
      const before = await stage.tabTo('opener');
      if (before.isDisabled) skip('it is disabled');
      if (key === 'Space') await stage.press('Space');
      else await stage.click('opener');
      const facts = await stage.until(({ checked }) => checked !== before.checked);
      await stage.listen();
      if (facts.checked === before.checked) fail(`it says ${before.checked || 'nothing'} before and after`);
      if (!/^(true|false)$/.test(facts.checked)) fail(`it says aria-checked="${facts.checked}"`);
    },
  })),
];
