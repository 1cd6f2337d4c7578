// What a key would do. The contract's step function is pure, so calling it changes nothing.
import type { Item } from '../core/collection/items.js';
import type { KeyAct } from '../core/contract/contract.js';
import { move } from '../core/collection/movement.js';
import type { Seen } from '../engine/registry.js';
import { effectOf } from './values.js';
import { labelsOf } from './wired.js';

/** Returns the differences between two states, in words. */
export function effects(run: Seen, next: object): string {
  const before = new Map<string, unknown>(Object.entries(run.state));
  return Object.entries(next)
    .filter(([name, value]) => before.get(name) !== value)
    .map(([name, value]) => effectOf(name, before.get(name), value, labelsOf(run)))
    .filter(Boolean)
    .join(', ');
}

/** Returns the items that can be reached: not those of closed branches. */
const reach = ({ view, state }: Seen): readonly Item[] => {
  const closed = 'closed' in state && state.closed instanceof Set ? state.closed : new Set();
  return view.items.filter(({ key }) => !closed.has(key));
};

const wraps = ({ options }: Seen): boolean => !('wrap' in options) || options.wrap !== false;

/** Returns what a key would do, from the contract. */
export function wouldDo(run: Seen, act: KeyAct): string {
  const { contract, view, state } = run;
  const { current } = view;
  if (typeof act !== 'string') {
    const to = move(reach(run), current, act.to, { wrap: wraps(run), ...view.moves });
    if (to === undefined || to === current) return '';
    const goes = `moves to “${labelsOf(run)(to)}”`;
    const then = act.then
      ? effects(run, contract.step(state, act.then, { ...view, at: to, current: to }))
      : '';
    return then ? `${goes}, and ${then}` : goes;
  }
  try {
    return effects(run, contract.step(state, act, { ...view, at: current }));
  } catch {
    return '';
  }
}

/** Returns why a key does nothing now. */
export function whyNothing(key: string, run: Seen): string {
  const { items, current } = run.view;
  const item = items.find((each) => each.key === current);
  if (item?.disabled) return `nothing now: “${item.label ?? item.key}” is disabled`;
  if (items.length < 2 && /Arrow|Home|End|Page/.test(key)) return 'nothing now: there is no other item';
  if (/Enter|Space/.test(key)) return 'nothing now: it already has this state';
  const isFirst = items[0]?.key === current;
  if (/Home|PageUp/.test(key) && isFirst) return 'nothing now: it is the first';
  if (/End|PageDown/.test(key) && items.at(-1)?.key === current) return 'nothing now: it is the last';
  if (/Arrow/.test(key)) return 'nothing now: there is nothing in that direction';
  return 'nothing now';
}

/** Intents that the pattern handles itself, so that the step function alone does not show them. */
export const acted = /^(leave|space|activate|inward|outward|enter|escape|default|turn-check|close)$/;
