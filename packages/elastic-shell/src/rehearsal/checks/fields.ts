// Checks of fields with a list: comboboxes, and the platform's own select.
import type { Facts } from '../facts.js';
import { fail, skip } from '../outcome.js';
import type { Stage } from '../stage.js';
import { byLetters, currentOf, needItems, type Check, standing, whereIs } from './check.js';

const reach: Check = {
  key: 'Tab',
  expected: 'focus moves to the field',
  async run(stage) {
    const facts = await stage.tabTo('stop');
    if (facts.isDisabled) skip('the field is disabled');
    if (facts.focus !== 'opener') fail(whereIs(facts));
  },
};

async function open(stage: Stage): Promise<Facts> {
  if ((await stage.tabTo('stop')).isDisabled) skip('the field is disabled');
  await stage.press('ArrowDown');
  const facts = await stage.until(({ isOpen, items }) => isOpen && items.length > 0);
  await stage.listen();
  if (!facts.isOpen) fail(standing(facts));
  return facts;
}

/** The checks of a combobox. */
export const comboboxChecks: readonly Check[] = [
  reach,
  {
    key: 'ArrowDown',
    expected: 'the list opens, aria-expanded is true, and focus stays in the field',
    async run(stage) {
      const facts = await open(stage);
      if (facts.expanded !== 'true' || facts.focus !== 'opener')
        fail(`aria-expanded is ${facts.expanded ?? 'missing'}, and ${whereIs(facts)}`);
    },
  },
  {
    key: 'ArrowDown in the list',
    expected: 'the next option becomes active, and aria-activedescendant refers to it',
    async run(stage) {
      const opened = await open(stage);
      needItems(opened, 2);
      const before = opened.current < 0 ? await stage.press('ArrowDown') : opened;
      const facts = await stage.press('ArrowDown');
      if (before.current < 0 || facts.current === before.current) fail(currentOf(facts));
    },
  },
  {
    key: 'Escape',
    expected: 'the list closes, and focus stays in the field',
    async run(stage) {
      await open(stage);
      await stage.press('Escape');
      const facts = await stage.until(({ isOpen }) => !isOpen);
      if (facts.isOpen || facts.focus !== 'opener' || facts.expanded === 'true') fail(standing(facts));
    },
  },
  {
    key: 'Enter',
    expected: 'the active option is chosen, and the list closes unless several can be chosen',
    async run(stage) {
      let facts = await open(stage);
      const before = facts.value;
      if (facts.current < 0) facts = await stage.press('ArrowDown');
      for (
        let at = 0;
        at < facts.items.length &&
        (facts.items[facts.current]?.isDisabled || facts.items[facts.current]?.isSelected);
        at++
      )
        facts = await stage.press('ArrowDown');
      const label = facts.items[facts.current]?.label ?? '';
      await stage.press('Enter');
      const after = await stage.until(({ isOpen, isMultiple }) => isMultiple || !isOpen);
      await stage.listen();
      if (after.isMultiple) return;
      if (after.isOpen) fail('the list stays open');
      if (after.value === '' && before === '')
        skip('the field is emptied after each choice, so the page shows it elsewhere');
      if (after.value === before) fail(`the value is still “${after.value}”, not “${label}”`);
    },
  },
  {
    key: 'letters',
    expected: 'in a text field, letters open or filter the list; on a button, they choose an option',
    async run(stage) {
      const opened = await open(stage);
      const { letters } = byLetters(opened, opened.current);
      const first = letters.slice(0, 1);
      await stage.press('Escape');
      if (opened.isTextField) await stage.press('Control+a');
      await stage.type(first);
      const facts = await stage.until(({ isOpen }) => isOpen);
      await stage.listen();
      if (!facts.isOpen && facts.value === opened.value) fail('no list opens, and no option is chosen');
    },
  },
  {
    key: 'Tab from the field',
    expected: 'the list closes, and focus moves on',
    async run(stage) {
      await open(stage);
      await stage.press('Tab');
      const facts = await stage.until(({ isOpen }) => !isOpen);
      if (facts.isOpen || facts.focus === 'page') fail(standing(facts));
    },
  },
];

/** The checks of a <select>, which the platform implements. */
export const selectChecks: readonly Check[] = [
  reach,
  ...['ArrowDown', 'End'].map((key): Check => ({
    key,
    expected: key === 'End' ? 'the last option is selected' : 'the next option is selected',
    async run(stage) {
      const before = await stage.tabTo('stop');
      if (before.isDisabled) skip('the field is disabled');
      const facts = await stage.press(key);
      const other = facts.value === before.value ? await stage.press('ArrowUp') : facts;
      if (other.value === before.value) skip('there is only one option, or the browser opens the list first');
    },
  })),
];
