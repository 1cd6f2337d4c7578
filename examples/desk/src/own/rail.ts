// The toolbar again, as a pattern of your own: the same keys and the same tab stop, on public entries alone. The list service moves
// focus and writes the tab stop; what is left to say is which controls are items and what the keys are.
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
  type Service,
  stateCursor,
  type StateOption,
} from 'elastic-shell/engine';

export interface RailState {
  /** The key of the item with the tab stop. */
  current: string | undefined;
}

export interface RailOptions extends CommonOptions<RailState> {
  /** The key of the item with the tab stop, or a cell. Default: the first item. */
  current?: StateOption<string | undefined>;
  /** Which arrow keys move. Default: `horizontal`. */
  orientation?: 'horizontal' | 'vertical';
  /** Whether they go from the last item to the first. Default: false. */
  wrap?: boolean;
}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    rail: RailOptions;
  }
}

/** What the keys do. */
export const railKeys = ({ orientation }: { orientation?: string }): KeyActs<never> => {
  const line = orientation === 'vertical' ? 'block' : 'inline';
  return {
    [`${line}-next`]: { move: 'next' },
    [`${line}-previous`]: { move: 'previous' },
    Home: { move: 'first' },
    End: { move: 'last' },
  };
};

const contract: Contract<RailState, RailOptions, never> = {
  name: 'rail',
  options: {
    current: 'a key or a cell',
    orientation: ['horizontal', 'vertical'],
    wrap: 'true or false',
  },
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

/** A toolbar of one's own: `rail.wire(element)`, `<yard-rail>`, `usePattern(rail)`, `data-wire="rail"`. */
export const rail = definePattern({
  ...contract,
  serve,
  tag: 'yard-rail',
  element: { root: '[data-rail]' },
});

// <yard-rail>: wires the element with data-rail inside it.
elementOf(rail);
