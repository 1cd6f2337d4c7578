// The toolbar again, as a custom pattern: the same keys and the same tab stop, built on public entries only.
// The list service moves focus and writes the tab stop. The pattern declares which controls are items and
// what the keys do.
import type { Contract, KeyActs } from 'elastic-shell/core';
import {
  canFocus,
  type CommonOptions,
  definePattern,
  elementOf,
  type Engine,
  labelIn,
  list,
  markupItems,
  type OptionsOf,
  type Service,
  stateCursor,
} from 'elastic-shell/engine';

export interface RailState {
  /** The key of the item with the tab stop. */
  current: string | undefined;
}

// The options: the type that each accepts, and its docstring. `OptionsOf` derives their types.
const options = {
  /** Sets the key of the item with the tab stop: an initial value, or a cell. @defaultValue the first item */
  current: 'a key or a cell',
  /** Specifies which arrow keys move focus. @defaultValue `horizontal` */
  orientation: ['horizontal', 'vertical'],
  /** Specifies whether focus moves from the last item to the first. @defaultValue false */
  wrap: 'true or false',
} as const;

export interface RailOptions extends CommonOptions<RailState>, OptionsOf<typeof options> {}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    rail: RailOptions;
  }
}

/** The keys. */
export const railKeys = ({ orientation }: { orientation?: string }): KeyActs<never> => {
  const line = orientation === 'vertical' ? 'block' : 'inline';
  return {
    [`${line}-next`]: { to: 'next' },
    [`${line}-previous`]: { to: 'previous' },
    Home: { to: 'first' },
    End: { to: 'last' },
  };
};

const contract: Contract<RailState, RailOptions, never> = {
  name: 'rail',
  options,
  commands: {},
  free: ['current'],
  read: () => ({ current: undefined }),
  step: (state) => state,
  semantics: {
    root: (_, { options }) => ({ role: 'toolbar', 'aria-orientation': options.orientation ?? null }),
  },
};

function serve(engine: Engine<RailState, RailOptions, never>): Service<RailState> {
  const { root, options } = engine;
  const items = markupItems(root, () => root.querySelectorAll<HTMLElement>('button'), { labelOf: labelIn });
  return list(engine, contract, {
    items,
    cursor: stateCursor(engine),
    stop: () => [],
    reach: () => items.items().filter(({ key }) => canFocus(items.elementOf(key)!)),
    moves: { reachDisabled: true, wrap: options.wrap ?? false },
    keys: () => railKeys(options),
    press: () => undefined,
  });
}

/** A custom toolbar: `rail.wire(element)`, `<yard-rail>`, `usePattern(rail)`, `data-wire="rail"`. */
export const rail = definePattern({
  ...contract,
  serve,
  tag: 'yard-rail',
  element: { root: '[data-rail]' },
});

// <yard-rail>: wires the element with data-rail inside it.
elementOf(rail);
