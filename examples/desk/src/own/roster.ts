// A list of your own from data: a crew of any size, of whom one is on watch. Only the rows in view are on the page. Letters go to names,
// and a live region says who is on watch.
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

/** `go` to a person, or put that person on `watch`. */
export type RosterIntent = 'go' | 'watch';

export interface RosterState {
  /** The key of the person on watch. */
  onWatch: string | undefined;
  /** The key of the row with the tab stop. */
  current: string | undefined;
}

// The options, once: what each takes, its docstring, and by `OptionsOf` its type.
const options = {
  /** Who is on watch: the first value, or a cell that is read and written. @defaultValue nobody */
  onWatch: 'a key or a cell',
  /** The crew. @defaultValue nobody */
  crew: 'an object',
  /** Makes what a row shows. @defaultValue the name */
  render: 'a function',
} as const;

export interface RosterOptions
  extends CommonOptions<RosterState>, Omit<OptionsOf<typeof options>, 'crew' | 'render'>, RowOptions {
  /** The crew: a key and a name for each. @defaultValue nobody */
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
    // A press on a link in a row follows the link.
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

/** A crew of whom one is on watch. Follows the WAI-ARIA listbox pattern. */
export const roster = definePattern({ ...contract, serve });
