// The described half of the rail: what the journal, `check`, the inspector, `partsOf` and `expectContract` know about it.
import { describePattern, fail, has, type Check, tagText } from 'elastic-shell/describe';
import { rail, railKeys } from './rail';

/** A check that goes to the first item, presses a key, and looks which item has focus. */
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
      { on: 'item', key: 'ArrowRight', does: 'Goes to the next button', by: 'engine' },
      { on: 'item', key: 'ArrowLeft', does: 'Goes to the previous button', by: 'engine' },
      { on: 'item', key: 'Home', does: 'Goes to the first button', by: 'engine' },
      { on: 'item', key: 'End', does: 'Goes to the last button', by: 'engine' },
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
    move('ArrowRight', 'focus goes to the next button', 1),
    move('ArrowLeft', 'focus stays on the first button', 0),
    move('End', 'focus goes to the last button', -1),
  ],
});
