// Describes the stepper to the journal, `check`, the inspector, `partsOf` and `expectContract`. The demo
// imports it for its inspector. Your own page imports it only in development.
import { describePattern, fail, skip, type Check, tagText, writtenRole } from 'elastic-shell/describe';
import { keys, stepper } from './stepper';

/** A check that presses a key and compares the number before and after. */
const keyCheck = (
  key: string,
  expected: string,
  holds: (before: number, after: number) => boolean,
): Check => ({
  key,
  expected,
  async run(stage) {
    const before = await stage.tabTo('stop');
    if (before.isDisabled) skip('the stepper is disabled');
    const after = await stage.press(key);
    const [from, to] = [parseFloat(before.value), parseFloat(after.value)];
    if (!holds(from, to)) fail(`the number changed from ${from} to ${to}`);
  },
});

/** The description of the stepper. */
export const stepperDescription = describePattern(stepper, {
  notes: {
    summary: 'Steps a number up and down.',
    standard: 'WAI-ARIA Authoring Practices, Spinbutton',
    parts: {
      root: {
        is: 'the element that shows the number',
        required: true,
        why: 'It has focus and the value.',
      },
      opener: { is: 'buttons beside it', required: false, why: 'They change the number without a keyboard.' },
    },
    keys: [
      { on: 'root', key: 'ArrowUp', does: 'One step up', by: 'engine' },
      { on: 'root', key: 'ArrowDown', does: 'One step down', by: 'engine' },
      { on: 'root', key: 'Home', does: 'The minimum', by: 'engine' },
      { on: 'root', key: 'End', does: 'The maximum', by: 'engine' },
    ],
  },
  rules: [
    {
      code: 'stepper-unnamed',
      severity: 'error',
      clause: 'WAI-ARIA, spinbutton: a name is required',
      summary: 'A stepper has no name.',
      on: ['[data-wire]'],
      find: (element) =>
        element.attribute('data-wire') !== 'stepper' ||
        element.attribute('aria-label') ||
        element.attribute('aria-labelledby')
          ? undefined
          : {
              element,
              sentence: `${tagText(element)} is a stepper without a name.`,
              remedy: 'Give it an aria-label, or name it with aria-labelledby.',
            },
    },
  ],
  isRoot: (element) => writtenRole(element) === 'spinbutton',
  keys: () => keys,
  checks: [
    keyCheck('ArrowUp', 'the number increases, unless it is the maximum', (before, after) => after >= before),
    keyCheck('Home', 'the number is at its minimum', (before, after) => after <= before),
    keyCheck('ArrowDown', 'the number stays at its minimum', (before, after) => after <= before),
  ],
});
