// A custom list from data: a crew of any size, one of whom is on watch. Only the rows in view are rendered.
// Letters search the names, and a live region announces who is on watch.
import { type Contract, goBy, type Item, type KeyActs, rowMoves } from 'elastic-shell/core';
import {
  announcer,
  type CommonOptions,
  dataRows,
  definePattern,
  type Engine,
  lettersTo,
  list,
  type OptionsOf,
  type RowOptions,
  type Service,
  stateCursor,
  targetOf,
} from 'elastic-shell/engine';

/** `go` moves to a person, and `watch` puts that person on watch. */
export type RosterIntent = 'go' | 'watch';

export interface RosterState {
  /** The key of the person on watch. */
  onWatch: string | undefined;
  /** The key of the row with the tab stop. */
  current: string | undefined;
}

// The options: the type that each accepts, and its docstring. `OptionsOf` derives their types.
const options = {
  /**
   * The key of the person on watch: an initial value, or a cell that is read and written. @defaultValue none
   */
  onWatch: 'a key or a cell',
  /** The crew. @defaultValue none */
  crew: 'an object',
  /** Renders the content of a row. @defaultValue the name */
  render: 'a function',
} as const;

export interface RosterOptions
  extends CommonOptions<RosterState>, Omit<OptionsOf<typeof options>, 'crew' | 'render'>, RowOptions {
  /** The crew, each with a key and a name. @defaultValue none */
  crew?: readonly Item[];
}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    roster: RosterOptions;
  }
}

const keys: KeyActs<RosterIntent> = { ...goBy(rowMoves), Enter: 'watch', Space: 'watch' };

const contract: Contract<RosterState, RosterOptions, RosterIntent> = {
  name: 'roster',
  options,
  commands: { '--watch': 'watch' },
  free: ['current'],
  read: () => ({ onWatch: undefined, current: undefined }),
  step(state, intent, { at, items }) {
    if (!items.some(({ key }) => key === at)) return state;
    return intent === 'go' ? { ...state, current: at } : { onWatch: at, current: at };
  },
  semantics: {
    root: () => ({ role: 'listbox', tabindex: '-1' }),
    item: ({ onWatch }, _, key) => ({ role: 'option', 'aria-selected': `${key === onWatch}` }),
  },
};

function serve(engine: Engine<RosterState, RosterOptions, RosterIntent>): Service<RosterState> {
  const { root } = engine;
  const rows = dataRows(root, engine.options);
  const status = announcer(root);
  rows.set(engine.options.crew ?? []);
  const parts = list(engine, contract, {
    items: rows,
    cursor: stateCursor(engine),
    stop: ({ onWatch }) => [onWatch],
    moves: { wrap: false },
    keys: () => keys,
    letters: lettersTo('go'),
    // A click on a link in a row follows the link.
    press: (event) => (targetOf(event)?.closest('a') ? undefined : 'watch'),
  });
  return {
    ...parts,
    show(change) {
      const person = rows.items().find(({ key }) => key === change.value);
      if (change.name === 'onWatch' && person) status.say(`${person.label ?? person.key} is on watch`);
      parts.show(change);
    },
    release() {
      parts.release();
      status.release();
      rows.release();
    },
  };
}

/** A crew, one of whom is on watch. Follows the WAI-ARIA listbox pattern. */
export const roster = definePattern({ ...contract, serve });
