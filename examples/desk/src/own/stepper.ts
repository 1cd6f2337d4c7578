// A custom pattern from scratch: a number stepper. Its contract is data and pure functions, like those of the
// built-in patterns. `definePattern` makes a wire function, a custom element and hooks of it. `serve` does
// everything that attributes can't: keys, the form value, and the number in the field.
import type { Contract } from 'elastic-shell/core';
import {
  chordOf,
  type CommonOptions,
  definePattern,
  elementOf,
  type ElementOf,
  type Engine,
  listen,
  meaningOf,
  type Service,
  type StateOption,
  takePart,
} from 'elastic-shell/engine';

/** The intents of a stepper, for keys, commands and methods. */
export type StepperIntent = 'up' | 'down' | 'page-up' | 'page-down' | 'least' | 'most';

export interface StepperState {
  value: number;
}

export interface StepperOptions extends CommonOptions<StepperState> {
  /** The first number, or a cell. Default: aria-valuenow of the markup, or the minimum. */
  value?: StateOption<number>;
  /** The minimum and the maximum. Default: 0 and 100. */
  min?: number;
  max?: number;
  /** The size of a step and of a page. Default: 1, and ten steps. */
  step?: number;
  page?: number;
  /** The text that is announced for the number. Default: the number. */
  words?(value: number): string;
}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    stepper: StepperOptions;
  }
}

/** The keys. */
export const keys: Record<string, StepperIntent> = {
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
const contract: Contract<StepperState, StepperOptions, StepperIntent> = {
  name: 'stepper',
  options: {
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

function serve(engine: Engine<StepperState, StepperOptions, StepperIntent>): Service<StepperState> {
  const { root, options, state } = engine;
  const first = state().value;
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
      value: () => `${state().value}`,
      reset: () => engine.change({ value: first }, { reason: 'native' }, true),
    }),
  ];
  return {
    parts() {
      root.textContent = options.words?.(state().value) ?? `${state().value}`;
      return [];
    },
    release() {
      releases.forEach((release) => release());
      root.textContent = before;
    },
  };
}

/**
 * A number stepper. The root shows the number, and buttons that refer to it change it with `--up` and
 * `--down`.
 */
export const stepper = definePattern({
  ...contract,
  serve,
  methods: {
    up: ({ intend }) => intend('up', { reason: 'program' }),
    down: ({ intend }) => intend('down', { reason: 'program' }),
  },
  tag: 'yard-stepper',
  element: { root: '[data-name]' },
});

declare global {
  interface HTMLElementTagNameMap {
    'yard-stepper': ElementOf<typeof stepper>;
  }
}

// <yard-stepper>: wires the element inside it.
elementOf(stepper);
