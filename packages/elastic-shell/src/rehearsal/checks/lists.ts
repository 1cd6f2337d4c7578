// Checks of menus, listboxes and trees.
import type { Facts } from '../facts.js';
import { fail, skip } from '../outcome.js';
import type { Stage } from '../stage.js';
import {
  byLetters,
  checkCurrent,
  currentOf,
  inline,
  needItems,
  type Check,
  standing,
  whereIs,
} from './check.js';

/** Opens a menu with a key. */
async function open(stage: Stage, key = 'Enter'): Promise<Facts> {
  const at = await stage.tabTo('opener');
  if (at.focus !== 'opener') fail('Tab does not reach the button');
  await stage.press(key);
  const facts = await stage.until(({ isOpen, current }) => isOpen && current >= 0);
  await stage.listen();
  if (!facts.isOpen) fail(standing(facts));
  return facts;
}

const opensAt = (key: string, place: number, what: string): Check => ({
  key: `${key} on the button`,
  expected: `the menu opens with focus on its ${what} item`,
  async run(stage) {
    checkCurrent(await open(stage, key), place);
  },
});

/** Expects the item at `place` to be current after `before`. */
const inMenu = (
  key: string,
  expected: string,
  keys: readonly string[],
  place: (facts: Facts) => number,
): Check => ({
  key,
  expected,
  async run(stage) {
    let facts = await open(stage);
    needItems(facts, 2);
    for (const each of keys) facts = await stage.press(each);
    checkCurrent(facts, place(facts));
  },
});

/** The checks of a menu button. */
export const menuChecks: readonly Check[] = [
  {
    key: 'Tab',
    expected: 'focus moves to the button',
    async run(stage) {
      const facts = await stage.tabTo('opener');
      if (facts.focus !== 'opener') fail(whereIs(facts));
    },
  },
  opensAt('Enter', 0, 'first'),
  opensAt('Space', 0, 'first'),
  opensAt('ArrowDown', 0, 'first'),
  {
    key: 'ArrowUp on the button',
    expected: 'the menu opens with focus on its last item',
    async run(stage) {
      await stage.tabTo('opener');
      await stage.press('ArrowUp');
      const facts = await stage.until(({ isOpen, current }) => isOpen && current >= 0);
      if (!facts.isOpen) skip('ArrowUp does not open the menu, which is allowed');
      checkCurrent(facts, -1);
    },
  },
  inMenu('ArrowDown', 'focus moves to the next item', ['ArrowDown'], () => 1),
  inMenu(
    'ArrowUp',
    'focus moves to the previous item, and from the first to the last',
    ['ArrowUp'],
    () => -1,
  ),
  inMenu('End', 'focus moves to the last item', ['End'], () => -1),
  inMenu('Home', 'focus moves to the first item', ['End', 'Home'], () => 0),
  {
    key: 'letters',
    expected: 'focus moves to the next item that begins with the letters',
    async run(stage) {
      const { letters, place } = byLetters(await open(stage), 0);
      checkCurrent(await stage.type(letters), place);
    },
  },
  {
    key: 'ArrowRight',
    expected: 'a submenu opens, and ArrowLeft closes it',
    async run(stage) {
      const facts = await open(stage);
      const place = facts.items.findIndex(({ opens, isDisabled }) => opens && !isDisabled);
      if (place < 0) skip('the menu has no submenu');
      for (let at = 0; at < place; at++) await stage.press('ArrowDown');
      const opened = await stage.press(inline(facts, true));
      // The transcript shows what the key of the check's name does.
      const { heard } = stage;
      if (opened.items[place]?.expanded !== true) fail('the submenu does not open');
      const closed = await stage.press(inline(facts, false));
      if (closed.items[place]?.expanded !== false || closed.current !== place)
        fail(`the submenu is still open, or ${currentOf(closed)}`);
      stage.heard = heard;
    },
  },
  {
    key: 'Escape',
    expected: 'the menu closes, and focus returns to the button',
    async run(stage) {
      await open(stage);
      await stage.press('Escape');
      const facts = await stage.until(({ isOpen }) => !isOpen);
      if (facts.isOpen || facts.focus !== 'opener') fail(standing(facts));
    },
  },
  ...['Tab', 'Shift+Tab'].map((key): Check => ({
    key: `${key} in the menu`,
    expected: `the menu closes, and focus moves to the button or to what ${key === 'Tab' ? 'follows' : 'precedes'} it`,
    async run(stage) {
      await open(stage);
      await stage.press(key);
      const facts = await stage.until(({ isOpen }) => !isOpen);
      await stage.listen();
      if (facts.isOpen || facts.focus === 'page' || facts.focus === 'inside') fail(standing(facts));
    },
  })),
  {
    key: 'click outside',
    expected: 'the menu closes',
    async run(stage) {
      await open(stage);
      const facts = await stage.pressOutside();
      if (facts.isOpen) fail(standing(facts));
    },
  },
];

/** Moves into a list with Tab. */
async function enter(stage: Stage): Promise<Facts> {
  const facts = await stage.tabTo('stop');
  if (facts.focus !== 'inside') fail(`Tab does not move into it: ${whereIs(facts)}`);
  needItems(facts, 2);
  return facts;
}

/** Presses keys from the first item. */
async function fromFirst(stage: Stage, ...keys: string[]): Promise<Facts> {
  await enter(stage);
  let facts = await stage.press('Home');
  for (const key of keys) facts = await stage.press(key);
  return facts;
}

const moves = (key: string, expected: string, keys: readonly string[], place: number): Check => ({
  key,
  expected,
  async run(stage) {
    checkCurrent(await fromFirst(stage, ...keys), place);
  },
});

const oneStop: Check = {
  key: 'Tab',
  expected: 'focus moves into it, and leaves it with the next Tab',
  async run(stage) {
    await enter(stage);
    const heard = stage.heard;
    const facts = await stage.press('Tab');
    if (facts.current >= 0 && facts.focus === 'inside')
      fail(`Tab moves to another item: ${currentOf(facts)}`);
    stage.heard = heard;
  },
};

const letters: Check = {
  key: 'letters',
  expected: 'focus moves to the next item that begins with the letters',
  async run(stage) {
    const before = await fromFirst(stage);
    const wanted = byLetters(before, before.current);
    checkCurrent(await stage.type(wanted.letters), wanted.place);
  },
};

/** The checks of a listbox on its own. */
export const listboxChecks: readonly Check[] = [
  oneStop,
  {
    key: 'ArrowDown',
    expected: 'focus moves to another option',
    async run(stage) {
      const facts = await fromFirst(stage, 'ArrowDown');
      if (facts.current > 0) return;
      const sideways = await stage.press(inline(facts, true));
      if (sideways.current <= 0) fail(currentOf(sideways));
    },
  },
  moves('End', 'focus moves to the last option', ['End'], -1),
  moves('Home', 'focus moves to the first option', ['End', 'Home'], 0),
  letters,
  {
    key: 'Space',
    expected: 'the option is selected, unless moving to it has selected it already',
    async run(stage) {
      const before = await fromFirst(stage, 'End');
      const at = before.current;
      if (before.items[at]?.isDisabled) skip('the last option is disabled');
      if (before.items[at]?.isSelected && !before.isMultiple) return;
      const facts = await stage.press('Space');
      if (facts.items[at]?.isSelected === before.items[at]?.isSelected)
        fail(`the selection of “${facts.items[at]?.label ?? ''}” has not changed`);
    },
  },
];

/** The checks of a tree. */
export const treeChecks: readonly Check[] = [
  oneStop,
  moves('ArrowDown', 'focus moves to the next visible row', ['ArrowDown'], 1),
  moves('ArrowUp', 'focus moves to the previous visible row', ['ArrowDown', 'ArrowUp'], 0),
  moves('End', 'focus moves to the last visible row', ['End'], -1),
  moves('Home', 'focus moves to the first row', ['End', 'Home'], 0),
  {
    key: 'ArrowRight',
    expected:
      'a closed branch expands, then focus moves to its first row; ArrowLeft moves back, then collapses it',
    async run(stage) {
      const before = await fromFirst(stage);
      const place = before.items.findIndex(({ expanded, isDisabled }) => expanded !== null && !isDisabled);
      if (place < 0) skip('the tree has no branch');
      let facts = before;
      for (let at = 0; at < place; at++) facts = await stage.press('ArrowDown');
      const [on, back] = [inline(facts, true), inline(facts, false)];
      if (facts.items[place]?.expanded) facts = await stage.press(back);
      if (facts.items[place]?.expanded) fail('ArrowLeft does not collapse an expanded branch');
      await stage.press(on);
      facts = await stage.until(
        ({ items }) => items[place]?.expanded === true && items.length > before.items.length - 1,
      );
      if (!facts.items[place]?.expanded) fail('the branch does not expand');
      const heard = await stage.listen();
      facts = await stage.press(on);
      if (facts.current !== place + 1) fail(currentOf(facts));
      facts = await stage.press(back);
      if (facts.current !== place) fail(`ArrowLeft: ${currentOf(facts)}`);
      facts = await stage.press(back);
      if (facts.items[place]?.expanded) fail('ArrowLeft does not collapse the branch');
      stage.heard = heard;
    },
  },
  letters,
];
