// Handles keys and clicks in a combobox, apart from moving: picking, adding, clearing, leaving.
import type { Item } from '../../core/collection/items.js';
import { holds, keysOf } from '../../core/collection/selection.js';
import type { ComboboxIntent, ComboboxState } from '../../core/contract/combobox.js';
import { isPromise } from '../../core/promise.js';
import type { Change } from '../../engine/types.js';
import type { IdMaker } from '../../labels/labels.js';
import { isInLayer } from '../../layer/open-layers.js';
import type { IntendingList } from '../../list/types.js';
import { addKey, type Results } from './results.js';
import type { ComboboxContext } from './types.js';
import type { Value } from './value.js';

/** The parts and services of one wired combobox. */
export interface Held {
  context: ComboboxContext;
  found: Results;
  value: Value;
  items: IntendingList<ComboboxState, ComboboxIntent>;
  ids: IdMaker;
  /** True if the user has typed since the list opened. */
  isTyped: boolean;
  /** True if the user has typed since the field got focus. */
  isTouched: boolean;
}

/** Updates the state. */
export const settled = (
  { context: { engine } }: Held,
  next: Partial<ComboboxState>,
  reason: Change['reason'],
): void => engine.change(next, { reason }, true);

/** Creates an option from the typed text, and selects it. */
function add(held: Held, reason: 'press' | 'key', event: Event): void {
  const { engine, say, announce } = held.context;
  const take = (item: Item): void => {
    held.found.learn(item);
    pick(held, item.key, reason, event);
  };
  const fail = (error: unknown): void => announce.say(say.failed(error));
  try {
    const made = engine.options.create?.(engine.state().query.trim());
    if (isPromise(made)) void made.then(take).then(undefined, fail);
    else if (made) take(made);
  } catch (error) {
    fail(error);
  }
}

/** Handles autofill. Selects the option with that label; otherwise keeps free text or restores the field. */
export function fill(held: Held, text: string): void {
  const { engine } = held.context;
  const { freeText, multiple } = engine.options;
  const name = text.trim().toLowerCase();
  const option = held.found.all().find(({ label = '' }) => label.toLowerCase() === name);
  const cause = { reason: 'native' } as const;
  if (option) engine.intend('select', cause, option.key);
  else if (freeText && !multiple) engine.change({ selected: undefined, text }, cause);
  engine.render();
}

/** Selects an option, as a click or Enter does. */
export function pick(held: Held, key: string, reason: 'press' | 'key', event: Event): void {
  const { engine, say, announce } = held.context;
  const { multiple, limit = Infinity } = engine.options;
  const { selected } = engine.state();
  if (key === addKey) return add(held, reason, event);
  if (multiple && !holds(selected, key) && keysOf(selected).size >= limit) announce.say(say.full(limit));
  // The typed search text isn't the selection.
  if (!multiple) held.isTyped = false;
  held.items.intend('pick', key, reason, event);
}

/** Handles Tab. On a combobox without a text field it selects the current option, as a native select does. */
function leave(held: Held, item: Item | undefined, event: KeyboardEvent): void {
  const { engine, parts } = held.context;
  if (!parts.field && !engine.options.multiple && item && engine.state().open)
    pick(held, item.key, 'key', event);
  engine.intend('close', { reason: 'key', event, source: parts.holder });
}

function enter(held: Held, item: Item | undefined, event: KeyboardEvent): void {
  const { engine, parts } = held.context;
  if (item && !item.disabled) return pick(held, item.key, 'key', event);
  if (!item && (engine.options.freeText || !engine.state().query))
    engine.intend('close', { reason: 'key', event, source: parts.holder });
}

/**
 * Returns whether Escape clears the field. An empty field and one with tokens aren't cleared. Inside a layer, Escape closes the
 * layer unless the user has typed since the field got focus.
 */
const canClear = ({ context: { engine, parts }, isTouched }: Held): boolean => {
  const { selected, text } = engine.state();
  if (engine.options.multiple || (!isTouched && isInLayer(engine.root))) return false;
  return !!(keysOf(selected).size || text || parts.field?.value);
};

/** Handles keys other than moves. Returns true if the key was handled, or if the browser should handle it. */
export function act(
  held: Held,
  intent: ComboboxIntent,
  item: Item | undefined,
  event: KeyboardEvent,
): boolean {
  const { engine, parts } = held.context;
  const cause = { reason: 'key', event, source: parts.holder } as const;
  if (intent === 'leave') {
    leave(held, item, event);
    return true;
  }
  // Escape then belongs to the surrounding layer.
  if (intent === 'clear' && !canClear(held)) return true;
  const acts: Partial<Record<ComboboxIntent, () => void>> = {
    clear: () => engine.intend('clear', cause),
    escape: () => engine.intend('close', { ...cause, reason: 'escape' }),
    enter: () => enter(held, item, event),
    open: () => held.items.intend('open', undefined, 'key', event),
    'open-first': () => held.items.intend('open-first', undefined, 'key', event),
    'open-last': () => held.items.intend('open-last', undefined, 'key', event),
    close: () => held.items.intend('close', undefined, 'key', event),
  };
  const own = acts[intent];
  if (!own) return false;
  event.preventDefault();
  own();
  return true;
}
