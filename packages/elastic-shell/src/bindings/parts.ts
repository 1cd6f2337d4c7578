// The parts of one instance, each converted once.
import type { Attributes } from '../core/contract/contract.js';
import type { Given } from '../core/outline/outline.js';
import { type Held, keepState, read } from './held.js';

/** The arguments of outlines. */
function givenNow(held: Held): Given<never, never> {
  const { bindable, id, options } = held;
  const state: Record<string, unknown> = {};
  for (const name of Object.keys(bindable.outline.first)) state[name] = read(held, name);
  const { items } = options;
  // The pattern's own states and options, which only its own outline reads.
  return { id, state, options, ...(Array.isArray(items) && { items }) } as unknown as Given<never, never>;
}

function attributesOf(held: Held, name: string, args: readonly string[]): Attributes {
  const { bindable } = held;
  const { single, each, firstItem } = bindable.outline;
  const [key] = args;
  // This is all that is known about the parts of an outline.
  const items: readonly string[] = firstItem?.parts ?? [];
  if (firstItem && key !== undefined && items.includes(name))
    if (!held.wired && read(held, firstItem.state) === undefined && !held.ports.has(firstItem.state))
      keepState(held, firstItem.state, key);
  const make = single[name] ?? each[name];
  // A part without a key gets no key.
  return (make as ((...all: unknown[]) => Attributes) | undefined)?.(givenNow(held), ...args) ?? {};
}

/** Returns the converted attributes of a part, from an earlier call if there was one. */
export function partAs(
  held: Held,
  name: string,
  args: readonly string[],
  make: (attributes: Attributes) => unknown,
) {
  const key = args.length ? [name, ...args].join('\n') : name;
  if (!held.parts.has(key)) held.parts.set(key, make(attributesOf(held, name, args)));
  return held.parts.get(key);
}
