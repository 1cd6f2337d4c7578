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
  if (at.focus !== 'opener') fail('Tab does not go to the opener');
  await stage.press(key);
  const facts = await stage.until(({ isOpen, current }) => isOpen && current >= 0);
  await stage.listen();
  if (!facts.isOpen) fail(standing(facts));
  return facts;
}

const opensAt = (key: string, place: number, what: string): Check => ({
  key: `${key}, on the button`,
  expected: `it opens at its ${what} item`,
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
    expected: 'Tab goes to the button',
    async run(stage) {
      const facts = await stage.tabTo('opener');
      if (facts.focus !== 'opener') fail(whereIs(facts));
    },
  },
  opensAt('Enter', 0, 'first'),
  opensAt('Space', 0, 'first'),
  opensAt('ArrowDown', 0, 'first'),
  {
    key: 'ArrowUp, on the button',
    expected: 'it opens at its last item',
    async run(stage) {
      await stage.tabTo('opener');
      await stage.press('ArrowUp');
      const facts = await stage.until(({ isOpen, current }) => isOpen && current >= 0);
      if (!facts.isOpen) skip('ArrowUp does not open it, which it may leave out');
      checkCurrent(facts, -1);
    },
  },
  inMenu('ArrowDown', 'goes to the next item', ['ArrowDown'], () => 1),
  inMenu('ArrowUp', 'goes to the previous item; from the first to the last', ['ArrowUp'], () => -1),
  inMenu('End', 'goes to the last item', ['End'], () => -1),
  inMenu('Home', 'goes to the first item', ['End', 'Home'], () => 0),
  {
    key: 'letters',
    expected: 'goes to the next item that begins with them',
    async run(stage) {
      const { letters, place } = byLetters(await open(stage), 0);
      checkCurrent(await stage.type(letters), place);
    },
  },
  {
    key: 'ArrowRight',
    expected: 'opens a submenu, and ArrowLeft closes it again',
    async run(stage) {
      const facts = await open(stage);
      const place = facts.items.findIndex(({ opens, isDisabled }) => opens && !isDisabled);
      if (place < 0) skip('it has no submenu');
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
    expected: 'it closes, and focus returns to the button',
    async run(stage) {
      await open(stage);
      await stage.press('Escape');
      const facts = await stage.until(({ isOpen }) => !isOpen);
      if (facts.isOpen || facts.focus !== 'opener') fail(standing(facts));
    },
  },
  ...['Tab', 'Shift+Tab'].map((key): Check => ({
    key: `${key}, in it`,
    expected: `it closes, and focus goes ${key === 'Tab' ? 'on from' : 'before'} the button, or to it`,
    async run(stage) {
      await open(stage);
      await stage.press(key);
      const facts = await stage.until(({ isOpen }) => !isOpen);
      await stage.listen();
      if (facts.isOpen || facts.focus === 'page' || facts.focus === 'inside') fail(standing(facts));
    },
  })),
  {
    key: 'press outside',
    expected: 'it closes',
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
  if (facts.focus !== 'inside') fail(`Tab does not go into it: ${whereIs(facts)}`);
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
  expected: 'Tab goes into it, and with the next press on: it is one stop',
  async run(stage) {
    await enter(stage);
    const heard = stage.heard;
    const facts = await stage.press('Tab');
    if (facts.current >= 0 && facts.focus === 'inside') fail(`Tab goes to another item: ${currentOf(facts)}`);
    stage.heard = heard;
  },
};

const letters: Check = {
  key: 'letters',
  expected: 'goes to the next item that begins with them',
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
    expected: 'goes to another option',
    async run(stage) {
      const facts = await fromFirst(stage, 'ArrowDown');
      if (facts.current > 0) return;
      const sideways = await stage.press(inline(facts, true));
      if (sideways.current <= 0) fail(currentOf(sideways));
    },
  },
  moves('End', 'goes to the last option', ['End'], -1),
  moves('Home', 'goes to the first option', ['End', 'Home'], 0),
  letters,
  {
    key: 'Space',
    expected: 'selects the option, where moving alone does not',
    async run(stage) {
      const before = await fromFirst(stage, 'End');
      const at = before.current;
      if (before.items[at]?.isDisabled) skip('the last option is disabled');
      if (before.items[at]?.isSelected && !before.isMultiple) return;
      const facts = await stage.press('Space');
      if (facts.items[at]?.isSelected === before.items[at]?.isSelected)
        fail(`“${facts.items[at]?.label ?? ''}” is as it was`);
    },
  },
];

/** The checks of a tree. */
export const treeChecks: readonly Check[] = [
  oneStop,
  moves('ArrowDown', 'goes to the next row that shows', ['ArrowDown'], 1),
  moves('ArrowUp', 'goes to the previous row that shows', ['ArrowDown', 'ArrowUp'], 0),
  moves('End', 'goes to the last row that shows', ['End'], -1),
  moves('Home', 'goes to the first row', ['End', 'Home'], 0),
  {
    key: 'ArrowRight',
    expected: 'opens a closed branch, then goes to its first row; ArrowLeft goes back, and closes it',
    async run(stage) {
      const before = await fromFirst(stage);
      const place = before.items.findIndex(({ expanded, isDisabled }) => expanded !== null && !isDisabled);
      if (place < 0) skip('it has no branch');
      let facts = before;
      for (let at = 0; at < place; at++) facts = await stage.press('ArrowDown');
      const [on, back] = [inline(facts, true), inline(facts, false)];
      if (facts.items[place]?.expanded) facts = await stage.press(back);
      if (facts.items[place]?.expanded) fail('ArrowLeft does not close an open branch');
      await stage.press(on);
      facts = await stage.until(
        ({ items }) => items[place]?.expanded === true && items.length > before.items.length - 1,
      );
      if (!facts.items[place]?.expanded) fail('the branch does not open');
      const heard = await stage.listen();
      facts = await stage.press(on);
      if (facts.current !== place + 1) fail(currentOf(facts));
      facts = await stage.press(back);
      if (facts.current !== place) fail(`ArrowLeft: ${currentOf(facts)}`);
      facts = await stage.press(back);
      if (facts.items[place]?.expanded) fail('ArrowLeft does not close it');
      stage.heard = heard;
    },
  },
  letters,
];
