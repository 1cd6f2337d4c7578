// Checks of dialogs, popovers and tooltips.
import { fail, skip } from '../outcome.js';
import type { Stage } from '../stage.js';
import { check, type Check, standing } from './check.js';

const open = async (stage: Stage): Promise<void> => {
  const facts = await stage.tabTo('opener');
  // Some open when their opener has focus.
  if (facts.isOpen) return;
  if (facts.focus !== 'opener') fail('Tab does not reach the opener');
  await stage.press('Enter');
  check((await stage.until(({ isOpen }) => isOpen)).isOpen, await stage.facts());
};

/** How often Tab is pressed to see whether it leaves. */
const mostStops = 40;

/**
 * Presses a key around a layer, once more than it has tab stops. From the platform's own modal dialog Tab
 * moves to the browser and then back, which does not count as leaving.
 */
async function around(stage: Stage, key: string): Promise<boolean> {
  const count = Math.min((await stage.stopCount()) + 2, mostStops);
  for (let at = 0; at < count; at++) {
    const { focus, isTop } = await stage.press(key);
    if (focus !== 'inside' && !(isTop && focus === 'page')) return false;
  }
  return true;
}

const tabRow: Check = {
  key: 'Tab',
  expected: 'focus moves to the opener',
  async run(stage) {
    const facts = await stage.tabTo('opener');
    if (facts.focus !== 'opener') fail(standing(facts));
  },
};

const opens = (key: string): Check => ({
  key,
  expected: 'it opens',
  async run(stage) {
    if ((await stage.tabTo('opener')).isOpen) skip('it opens as soon as its opener has focus');
    await stage.press(key);
    const facts = await stage.until(({ isOpen }) => isOpen);
    await stage.listen();
    check(facts.isOpen, facts);
  },
});

const pressed: Check = {
  key: 'click',
  expected: 'it opens',
  async run(stage) {
    await stage.click('opener');
    const facts = await stage.until(({ isOpen }) => isOpen);
    await stage.listen();
    check(facts.isOpen, facts);
  },
};

const closes: Check = {
  key: 'Escape',
  expected: 'it closes, and focus returns to the opener',
  async run(stage) {
    await open(stage);
    const { mustAnswer } = await stage.facts();
    await stage.press('Escape');
    const facts = await stage.until(({ isOpen, focus }) => !isOpen && focus === 'opener');
    if (facts.isOpen && mustAnswer) skip('the page requires an answer before it closes');
    await stage.listen();
    check(!facts.isOpen && facts.focus === 'opener', facts);
  },
};

const tellsState: Check = {
  key: 'state',
  expected: 'the opener has aria-expanded: true while it is open, false while it is closed',
  async run(stage) {
    const before = (await stage.facts()).expanded;
    await open(stage);
    const facts = await stage.facts();
    // The opener of the platform's own modal dialog has no state, because the page behind is not announced
    // meanwhile.
    if (before === null && facts.expanded === null) skip('the opener has no aria-expanded');
    if (before !== 'false' || facts.expanded !== 'true')
      fail(
        `aria-expanded is ${before ?? 'missing'} while it is closed, and ${facts.expanded ?? 'missing'} while it is open`,
      );
  },
};

const named: Check = {
  key: 'name',
  expected: 'it has an accessible name',
  async run(stage) {
    await open(stage);
    if (!(await stage.facts()).hasName) fail('neither aria-label nor aria-labelledby gives it a name');
  },
};

const outside: Check = {
  key: 'click outside',
  expected: 'it closes',
  async run(stage) {
    await open(stage);
    const { mustAnswer } = await stage.facts();
    const facts = await stage.pressOutside();
    if (!facts.isOpen) return;
    skip(mustAnswer ? 'an alert dialog stays open' : 'it stays open, which is allowed');
  },
};

/** The checks of a dialog. */
export const dialogChecks: readonly Check[] = [
  tabRow,
  opens('Enter'),
  opens('Space'),
  pressed,
  tellsState,
  named,
  {
    key: 'first focus',
    expected: 'focus moves into it when it opens',
    async run(stage) {
      await open(stage);
      const facts = await stage.until(({ focus }) => focus === 'inside');
      await stage.listen();
      check(facts.focus === 'inside', facts);
    },
  },
  ...['Tab', 'Shift+Tab'].map((key): Check => ({
    key: `${key} repeatedly`,
    expected: 'focus stays inside while it is modal',
    async run(stage) {
      await open(stage);
      const before = await stage.until(({ focus }) => focus === 'inside');
      if (!before.isModal) skip('it is not modal');
      if (!(await around(stage, key))) fail(standing(await stage.facts()));
    },
  })),
  closes,
  outside,
];

/** The checks of a popover. */
export const popoverChecks: readonly Check[] = [
  tabRow,
  opens('Enter'),
  opens('Space'),
  pressed,
  tellsState,
  {
    key: 'second click',
    expected: 'it closes',
    async run(stage) {
      await stage.click('opener');
      if ((await stage.facts()).isModal) skip('it is modal, so its opener cannot be clicked');
      await stage.until(({ isOpen }) => isOpen);
      await stage.click('opener');
      const facts = await stage.until(({ isOpen }) => !isOpen);
      check(!facts.isOpen, facts);
    },
  },
  {
    key: 'Tab from the opener',
    expected: 'focus moves into it',
    async run(stage) {
      await open(stage);
      const before = await stage.facts();
      if (!before.holdsStops) skip('it contains nothing that can be focused');
      if (before.focus === 'inside') return;
      const facts = await stage.press('Tab');
      check(facts.focus === 'inside', facts);
    },
  },
  closes,
  outside,
];

/** The checks of a tooltip. */
export const tooltipChecks: readonly Check[] = [
  {
    key: 'Tab',
    expected: 'it is shown when its control has focus',
    async run(stage) {
      await stage.tabTo('opener');
      const facts = await stage.until(({ isOpen }) => isOpen);
      await stage.listen();
      check(facts.isOpen && facts.focus === 'opener', facts);
    },
  },
  {
    key: 'Escape',
    expected: 'it is hidden, and focus stays on the control',
    async run(stage) {
      await stage.tabTo('opener');
      await stage.until(({ isOpen }) => isOpen);
      await stage.press('Escape');
      const facts = await stage.until(({ isOpen }) => !isOpen);
      check(!facts.isOpen && facts.focus === 'opener', facts);
    },
  },
  {
    key: 'hover',
    expected: 'it is shown while the pointer is over its control',
    async run(stage) {
      await stage.hover();
      const facts = await stage.until(({ isOpen }) => isOpen);
      check(facts.isOpen, facts);
    },
  },
];
