// Checks of disclosures, accordions, tabs, carousels and switches.
import type { Facts } from '../facts.js';
import { fail, skip } from '../outcome.js';
import type { Stage } from '../stage.js';
import { checkCurrent, currentOf, inline, needItems, type Check, whereIs } from './check.js';

const state = (facts: Facts): string =>
  `the expanded state is ${facts.expanded ?? 'missing'}, and the panel is ${facts.shown === '' ? 'hidden' : 'shown'}`;

/** Toggles a disclosure with `act`, and checks that both its state and what it shows have changed. */
async function turnsOver(stage: Stage, act: () => Promise<Facts>): Promise<void> {
  const before = await stage.facts();
  const isOther = (facts: Facts): boolean =>
    facts.expanded !== before.expanded && facts.shown !== before.shown;
  await act();
  const facts = await stage.until(isOther);
  await stage.listen();
  if (before.shown === '' && facts.shown === '' && facts.expanded !== before.expanded)
    fail(`${state(facts)}: aria-controls refers to no panel that is shown`);
  if (!isOther(facts)) fail(state(facts));
}

const tabRow = (what: 'opener' | 'stop'): Check => ({
  key: 'Tab',
  expected: 'focus moves to the control',
  async run(stage) {
    const facts = await stage.tabTo(what);
    if (facts.isDisabled) skip('the control is disabled');
    if (facts.focus !== 'opener' && facts.focus !== 'inside') fail(whereIs(facts));
  },
});

/** The checks of a disclosure. */
export const disclosureChecks: readonly Check[] = [
  tabRow('opener'),
  ...['Enter', 'Space'].map((key): Check => ({
    key,
    expected: 'the panel opens or closes, and the expanded state of its button follows',
    async run(stage) {
      if ((await stage.tabTo('opener')).isDisabled) skip('the control is disabled');
      await turnsOver(stage, () => stage.press(key));
    },
  })),
  {
    key: 'click',
    expected: 'the panel opens or closes, and the expanded state of its button follows',
    async run(stage) {
      if ((await stage.facts()).isDisabled) skip('the control is disabled');
      await turnsOver(stage, () => stage.click('opener'));
    },
  },
];

/** The checks of an accordion. */
export const accordionChecks: readonly Check[] = [
  tabRow('opener'),
  ...['Enter', 'Space'].map((key): Check => ({
    key,
    expected: 'the section opens or closes, and the expanded state of its header follows',
    async run(stage) {
      const { items } = await stage.tabTo('opener');
      if (items[0]?.isDisabled) skip('the first section is not allowed to close');
      await turnsOver(stage, () => stage.press(key));
    },
  })),
  {
    key: 'click',
    expected: 'the section opens or closes, and the expanded state of its header follows',
    async run(stage) {
      if ((await stage.facts()).items[0]?.isDisabled) skip('the first section is not allowed to close');
      await turnsOver(stage, () => stage.click('item', 0));
    },
  },
  {
    key: 'ArrowDown',
    expected: 'focus moves to the next header, if arrow keys are supported',
    async run(stage) {
      await stage.tabTo('opener');
      const facts = await stage.press('ArrowDown');
      if (facts.current === 0) skip('arrow keys are not supported, which is allowed');
      checkCurrent(facts, 1);
    },
  },
];

/** Returns the position of the tab that Tab moves to. */
const reach = async (stage: Stage): Promise<Facts> => {
  const facts = await stage.tabTo('stop');
  needItems(facts, 2);
  if (facts.current < 0) fail(`the Tab key does not reach a tab: ${whereIs(facts)}`);
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
    expected: 'focus moves to the selected tab',
    async run(stage) {
      const facts = await reach(stage);
      if (!facts.items[facts.current]?.isSelected) fail(`${currentOf(facts)}, but it is not selected`);
    },
  },
  movesTo(
    'ArrowRight',
    'focus moves to the next tab',
    (facts) => onwards(facts, true),
    (order, at) => order[(at + 1) % order.length],
  ),
  movesTo(
    'ArrowLeft',
    'focus moves to the previous tab, and from the first to the last',
    (facts) => onwards(facts, false),
    (order, at) => order.at(at - 1),
  ),
  movesTo(
    'Home',
    'focus moves to the first tab',
    () => 'Home',
    (order) => order[0],
  ),
  movesTo(
    'End',
    'focus moves to the last tab',
    () => 'End',
    (order) => order.at(-1),
  ),
  {
    key: 'selection',
    expected: 'the focused tab, at once or on Enter, shows only its own panel',
    async run(stage) {
      const before = await reach(stage);
      const moved = await stage.press(onwards(before, true));
      if (!moved.items[moved.current]?.isSelected) await stage.press('Enter');
      const facts = await stage.until(({ items, current }) => items[current]?.isSelected === true);
      const selected = facts.items.filter(({ isSelected }) => isSelected).length;
      if (!facts.items[facts.current]?.isSelected || selected !== 1)
        fail(`${currentOf(facts)}, and ${selected} tabs are selected`);
      if (facts.shown === before.shown) fail('the panel that is shown has not changed');
    },
  },
  {
    key: 'Tab from a tab',
    expected: 'focus leaves the tabs',
    async run(stage) {
      await reach(stage);
      const facts = await stage.press('Tab');
      if (facts.current >= 0) fail(`the Tab key moves to another tab: ${currentOf(facts)}`);
    },
  },
];

/** The checks of a carousel. */
export const carouselChecks: readonly Check[] = [
  {
    key: 'names',
    expected: 'each slide has an accessible name',
    async run(stage) {
      const { items } = await stage.facts();
      const nameless = items.findIndex(({ label }) => !label);
      if (!items.length) fail('no element in it has aria-roledescription="slide"');
      if (nameless >= 0) fail(`slide ${nameless + 1} has no name`);
    },
  },
  {
    key: 'stops',
    expected: 'Tab reaches its controls',
    async run(stage) {
      if ((await stage.stopCount()) === 0) fail('Tab reaches nothing in it');
    },
  },
];

/** The checks of a switch. */
export const switchChecks: readonly Check[] = [
  tabRow('opener'),
  ...['Space', 'click'].map((key): Check => ({
    key,
    expected: 'its checked state changes',
    async run(stage) {
      const before = await stage.tabTo('opener');
      if (before.isDisabled) skip('the control is disabled');
      if (key === 'Space') await stage.press('Space');
      else await stage.click('opener');
      const facts = await stage.until(({ checked }) => checked !== before.checked);
      await stage.listen();
      if (facts.checked === before.checked)
        fail(`the checked state is ${before.checked || 'missing'} before and after`);
      if (!/^(true|false)$/.test(facts.checked))
        fail(`aria-checked is ${facts.checked}, which is neither true nor false`);
    },
  })),
];
