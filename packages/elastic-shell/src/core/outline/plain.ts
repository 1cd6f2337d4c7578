// The outline of a pattern without one of its own: its root, and controls with commands.
import type { Attributes, Contract } from '../contract/contract.js';
import { control, type Given, type Outline, rootOf, viewOf } from './outline.js';

/** An outline with the parts `root` and `opener`. */
export interface PlainOutline<S extends object, O extends object> extends Outline<S, O> {
  single: { root(given: Given<S, O>): Attributes };
  each: {
    /**
     * A control with this command.
     *
     * @defaultValue the first command of the contract that has a name
     */
    opener(given: Given<S, O>, command?: string): Attributes;
  };
}

/**
 * Returns an outline from a contract alone. The initial states are those that `read` returns for a root
 * without attributes.
 */
export function plainOutline<S extends object, O extends object, I extends string>({
  name,
  commands,
  read,
  semantics,
}: Pick<Contract<S, O, I>, 'name' | 'commands' | 'read' | 'semantics'>): PlainOutline<S, O> {
  const plain = Object.keys(commands).find(Boolean) ?? '';
  const empty: Given<object, O> = {
    id: '',
    state: {},
    // `read` gets no options here.
    options: {} as O,
  };
  return {
    name,
    first: read(viewOf(empty)),
    single: { root: (given) => rootOf(semantics, given) },
    each: {
      opener: (given, command = plain) => ({
        ...control(given, command),
        ...semantics.opener?.(given.state, viewOf(given), commands[command]),
      }),
    },
  };
}
