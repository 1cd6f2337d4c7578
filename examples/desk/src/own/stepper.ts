// A pattern of one's own, from scratch: a number stepper. Its contract is data and pure functions, as the built-in
// ones are; `wireStepper` adds what attributes alone do not do: keys, the form, and the number in the field.
import type { Contract } from 'elastic-shell/core';
import {
  chordOf,
  type Cells,
  type CommonOptions,
  element,
  listen,
  meaningOf,
  optionsOf,
  registerPattern,
  takePart,
  type StateOption,
  wire,
  type Wired,
} from 'elastic-shell/engine';

/** What can be asked of a stepper, by keys, by commands and by the program. */
export type StepperIntent = 'up' | 'down' | 'page-up' | 'page-down' | 'least' | 'most';

export interface StepperState {
  value: number;
}

export interface StepperOptions extends CommonOptions<StepperState> {
  /** The first number, or a cell. Default: what the markup says by aria-valuenow, else the least. */
  value?: StateOption<number>;
  /** The least and the greatest number. Default: 0 and 100. */
  min?: number;
  max?: number;
  /** How much a step is, and a page. Default: 1, and ten steps. */
  step?: number;
  page?: number;
  /** What the number is called, as it is read out. Default: the number. */
  words?(value: number): string;
}

/** A wired stepper: its state `value`, and its verbs. */
export interface Stepper extends Wired, Cells<StepperState> {
  up(): void;
  down(): void;
}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    stepper: StepperOptions;
  }
}

const keys: Record<string, StepperIntent> = {
  'block-next': 'down',
  'block-previous': 'up',
  PageDown: 'page-down',
  PageUp: 'page-up',
  Home: 'least',
  End: 'most',
};

const limitsOf = ({ min = 0, max = 100, step = 1, page = 10 * step }: StepperOptions) => ({
  min,
  max,
  step,
  page,
});

/** The contract: role spinbutton of WAI-ARIA, on an element with buttons beside it. */
export const stepper: Contract<StepperState, StepperOptions, StepperIntent> = {
  name: 'stepper',
  options: {
    guard: 'a function',
    onChange: 'a function',
    value: 'a number or a cell',
    min: 'a number',
    max: 'a number',
    step: 'a number',
    page: 'a number',
    words: 'a function',
  },
  commands: { '--up': 'up', '--down': 'down' },
  read: ({ root, options }) => ({
    value: Number(root.getAttribute('aria-valuenow') ?? limitsOf(options).min),
  }),
  step(state, intent, { options }) {
    const { min, max, step, page } = limitsOf(options);
    const by = {
      up: step,
      down: -step,
      'page-up': page,
      'page-down': -page,
      least: -Infinity,
      most: Infinity,
    };
    const value = Math.min(max, Math.max(min, state.value + by[intent]));
    return value === state.value ? state : { value };
  },
  semantics: {
    root({ value }, { options }) {
      const { min, max } = limitsOf(options);
      return {
        role: 'spinbutton',
        tabindex: '0',
        'aria-valuenow': `${value}`,
        'aria-valuemin': `${min}`,
        'aria-valuemax': `${max}`,
        'aria-valuetext': options.words?.(value) ?? null,
      };
    },
    opener({ value }, { options }, intent) {
      const { min, max } = limitsOf(options);
      const isOver = (intent === 'up' && value >= max) || (intent === 'down' && value <= min);
      return { 'aria-disabled': isOver ? 'true' : null };
    },
  },
};
registerPattern('stepper', stepper.options, wireStepper);

/**
 * Wires a number stepper: `root` shows the number, buttons that name it step it by `--up` and `--down`. Follows the
 * WAI-ARIA spinbutton pattern. Throws a TypeError when `root` is no element or is wired already, or an option is unknown.
 */
export function wireStepper(root: HTMLElement, own?: StepperOptions): Stepper {
  const options = optionsOf(stepper, own, root);
  let step: (intent: StepperIntent) => void = () => {};
  const wired = wire<StepperState, StepperOptions, StepperIntent>(root, stepper, options, (engine) => {
    const first = engine.state().value;
    const before = root.textContent;
    const releases = [
      listen(root, {
        keydown(event) {
          const intent = meaningOf(keys, chordOf(event, root));
          if (!intent || event.defaultPrevented) return;
          event.preventDefault();
          engine.intend(intent, { reason: 'key', event });
        },
      }),
      takePart(root, {
        name: root.dataset['name'],
        value: () => `${engine.state().value}`,
        reset: () => engine.change({ value: first }, { reason: 'native' }, true),
      }),
    ];
    step = (intent) => engine.intend(intent, { reason: 'program' });
    return {
      parts() {
        root.textContent = options.words?.(engine.state().value) ?? `${engine.state().value}`;
        return [];
      },
      release() {
        releases.forEach((release) => release());
        root.textContent = before;
      },
    };
  });
  return { ...wired, up: () => step('up'), down: () => step('down') };
}

// <yard-stepper>: wires the number inside it.
element('yard-stepper', wireStepper, { root: '[data-name]', options: stepper.options ?? {} });
