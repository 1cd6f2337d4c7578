// Describes the rail to the journal, `check`, the inspector, `partsOf` and `expectContract`.
import { describePattern, fail, has, type Check, tagText } from 'elastic-shell/describe';
import { rail, railKeys } from './rail';

/** A check that moves to the first item, presses a key, and compares the focused item. */
const move = (key: string, expected: string, place: number): Check => ({
  key,
  expected,
  async run(stage) {
    await stage.tabTo('stop');
    await stage.press('Home');
    const { current, items } = await stage.press(key);
    if (current !== (place < 0 ? items.length + place : place)) fail(`item ${current} has focus`);
  },
});

/** The description of the rail. */
export const railDescription = describePattern(rail, {
  notes: {
    summary: 'A row of buttons with one tab stop.',
    standard: 'WAI-ARIA Authoring Practices, Toolbar',
    keys: [
      { on: 'item', key: 'ArrowRight', does: 'Moves to the next button', by: 'engine' },
      { on: 'item', key: 'ArrowLeft', does: 'Moves to the previous button', by: 'engine' },
      { on: 'item', key: 'Home', does: 'Moves to the first button', by: 'engine' },
      { on: 'item', key: 'End', does: 'Moves to the last button', by: 'engine' },
    ],
  },
  rules: [
    {
      code: 'rail-unnamed',
      severity: 'error',
      clause: 'WAI-ARIA Authoring Practices, Toolbar',
      summary: 'A rail has no name.',
      on: ['[data-rail]'],
      find: (element) =>
        element.attribute('aria-label') || element.attribute('aria-labelledby')
          ? undefined
          : {
              element,
              sentence: `${tagText(element)} is a rail without a name.`,
              remedy: 'Give it an aria-label.',
            },
    },
  ],
  isRoot: (element) => has(element, 'data-rail'),
  needs: [['an element with data-rail', (element) => has(element, 'data-rail')]],
  keys: ({ options }) => railKeys(options),
  items: 'button',
  selector: '[data-rail]',
  walk: ['Tab', 'ArrowRight', 'End', 'Home', 'Tab'],
  checks: [
    move('ArrowRight', 'focus moves to the next button', 1),
    move('ArrowLeft', 'focus stays on the first button', 0),
    move('End', 'focus moves to the last button', -1),
  ],
});
