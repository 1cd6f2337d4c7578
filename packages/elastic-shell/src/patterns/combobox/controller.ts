// Runs a combobox: its keys, its list in a layer, and the order in which results, value and field follow its state.
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Chosen, holds, keysOf } from '../../core/collection/selection.js';
import {
  afterClosing,
  combobox,
  type ComboboxIntent,
  comboboxKeys,
  type ComboboxState,
} from '../../core/contract/combobox.js';
import { announcer } from '../../announce/announce.js';
import type { Part } from '../../engine/attribute-writer.js';
import { isPromise } from '../../core/promise.js';
import type { Service } from '../../engine/service.js';
import type { Change, ChangeOf } from '../../engine/types.js';
import { placeOf } from '../../focus/focusable.js';
import type { FocusPolicy } from '../../focus/focus-policy.js';
import { type IdMaker, idMaker } from '../../labels/labels.js';
import { layer } from '../../layer/layer.js';
import { asPopover } from '../../layer/top-layer.js';
import { stateCursor } from '../../list/cursor.js';
import { type IntendingList, list } from '../../list/list.js';
import { positionOf } from '../../list/rows/source.js';
import { anchored } from '../../position/anchored.js';
import type { Anchor } from '../../position/anchor.js';
import { followField } from './field.js';
import type { ComboboxParts } from './parts.js';
import { addKey, results, type Results } from './results.js';
import type { ComboboxContext, ComboboxEngine } from './types.js';
import { type Value, valueOf } from './value.js';
import { english } from './words.js';

/** What one combobox holds while it is wired. */
interface Held {
  context: ComboboxContext;
  found: Results;
  value: Value;
  items: IntendingList<ComboboxState, ComboboxIntent>;
  ids: IdMaker;
  /** Typed into since it opened. */
  isTyped: boolean;
}

const settled = (
  { context: { engine } }: Held,
  next: Partial<ComboboxState>,
  reason: Change['reason'],
): void => engine.change(next, { reason }, true);

/** Makes an option of what was typed, and picks it. */
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

function pick(held: Held, key: string, reason: 'press' | 'key', event: Event): void {
  const { engine, say, announce } = held.context;
  const { multiple, limit = Infinity } = engine.options;
  const { selected } = engine.state();
  if (key === addKey) return add(held, reason, event);
  if (multiple && !holds(selected, key) && keysOf(selected).size >= limit) announce.say(say.full(limit));
  // What was typed to find it is not what is meant.
  if (!multiple) held.isTyped = false;
  held.items.intend('pick', key, reason, event);
}

/** Tab leaves; on a closed-choice combobox it takes the current option along, as a native select does. */
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

/** Whether there is anything for Escape to clear: what is empty is not, and tokens are taken away one by one. */
const canClear = ({ engine, parts }: ComboboxContext): boolean => {
  const { selected, text } = engine.state();
  return !engine.options.multiple && !!(keysOf(selected).size || text || parts.field?.value);
};

/** What keys do beyond moving. True when that is done, or when the browser shall. */
function act(held: Held, intent: ComboboxIntent, item: Item | undefined, event: KeyboardEvent): boolean {
  const { engine, parts } = held.context;
  const cause = { reason: 'key', event, source: parts.holder } as const;
  if (intent === 'leave') {
    leave(held, item, event);
    return true;
  }
  // Escape is somebody else's then.
  if (intent === 'clear' && !canClear(held.context)) return true;
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
  engine.render();
  return true;
}

const listOf = (held: () => Held, context: ComboboxContext, found: Results): Held['items'] => {
  const { engine, parts } = context;
  const { options, state } = engine;
  return list(engine, combobox, {
    items: found.items,
    cursor: stateCursor(engine),
    box: parts.list,
    holder: parts.holder,
    stop: () => [],
    from() {
      const { open, current, selected } = state();
      return open ? current : [...keysOf(selected)][0];
    },
    keys: () => comboboxKeys(state().open, !!parts.field),
    act: (intent, item, event) => act(held(), intent, item, event),
    ...(!parts.field && { letters: 'found' }),
    press(event, item) {
      if (!item.disabled) pick(held(), item.key, event.detail ? 'press' : 'key', event);
      return undefined;
    },
    itemParts({ key }) {
      const all = found.items.items();
      const at = indexOf(all, key);
      return {
        'data-current': key === state().current ? '' : null,
        ...(key === addKey && { 'data-add': '' }),
        ...(options.items ? positionOf(all, at) : { hidden: at < 0 ? '' : null }),
      };
    },
    changed: found.stale,
  });
};

/** Focus goes to the field, and back to what opened the list; it leaves the user's own text as it is. */
const focusPolicy = (held: Held): FocusPolicy => ({
  returns: 'inside',
  place: placeOf,
  giveBack: (place, scope) => place?.giveBack(scope, held.context.parts.trigger),
  enter() {
    const { engine, parts } = held.context;
    const { holder, field, trigger } = parts;
    const active = engine.root.ownerDocument.activeElement;
    if (trigger !== holder || (active !== holder && engine.root.contains(active))) holder.focus();
    else if (!held.isTyped) field?.select();
  },
  tab() {},
});

/** The list in a layer of its own: shown as the popup, beside what looks like the field. */
function layerOf(held: Held): Service<ComboboxState> {
  const { engine, parts } = held.context;
  const { options } = engine;
  const host = {
    ...engine,
    root: parts.popup,
    options: { fit: 'anchor', ...options, anchor: parts.box } as const,
  };
  const opening = layer<Anchor>(
    { ...host, options: {} },
    {
      showing: asPopover(parts.popup),
      position: anchored(host, { area: 'block-end span-inline-end', gap: 4 }),
      focus: focusPolicy(held),
      outside: 'close',
      focusOut: 'close',
    },
  );
  return {
    parts: () => opening.parts?.() ?? [],
    show(change) {
      if (change.name === 'open') opening.show?.({ ...change, source: parts.box });
    },
    settle(change) {
      if (change.name === 'open') opening.settle?.(change);
    },
    release: () => opening.release?.(),
  };
}

/** The name of the list: that of its field, unless the author has named it. */
const nameFor = ({ list: box, holder }: ComboboxParts): string | undefined => {
  if (box.matches('[aria-label],[aria-labelledby]')) return undefined;
  const labels = 'labels' in holder && holder.labels instanceof NodeList ? holder.labels : [];
  return holder.getAttribute('aria-label') ?? (labels[0]?.textContent?.trim() || undefined);
};

/** What the field, its button and the list say of each other. */
function partsOf({ context, found, value, items, ids }: Held, name: string | undefined): Part[] {
  const { engine, parts } = context;
  const { holder, field, trigger, list: box, popup } = parts;
  const { open } = engine.state();
  const shown = { 'aria-expanded': `${open}` };
  return [
    [popup, ids.attributes(popup)],
    [
      box,
      {
        ...ids.attributes(box),
        ...(name && { 'aria-label': name }),
        ...(engine.options.multiple && { 'aria-multiselectable': 'true' }),
        ...(found.state().isBusy && { 'aria-busy': 'true' }),
      },
    ],
    [trigger, { ...shown, 'aria-controls': ids.of(popup) }],
    [
      holder,
      {
        ...shown,
        'aria-controls': ids.of(box),
        'aria-haspopup': 'listbox',
        'aria-activedescendant': (open && items.activeId()) || null,
        ...(field && { 'aria-autocomplete': 'list', autocomplete: 'off', required: null }),
        ...(value.isRequired && { 'aria-required': 'true' }),
      },
    ],
  ];
}

/** The page follows a change: asked for, shown, and its first match made current. */
function show(held: Held, shown: Service<ComboboxState>, change: ChangeOf<ComboboxState>): void {
  const { context, found, value, items, isTyped } = held;
  const { engine } = context;
  if (change.name === 'open') {
    if (change.value) found.ask(engine.state().query, false);
    shown.show?.(change);
    engine.render();
  }
  if (change.name === 'query') {
    found.ask(change.value, isTyped);
    settled(held, { current: found.firstMatch(change.value) }, 'native');
    if (engine.state().open) found.tellFound();
  }
  if (change.name === 'selected') {
    found.stale();
    value.changed(change);
  }
  items.show(change);
}

/** Closed: what was typed to search is gone, unless it counts as free text. */
function settle(held: Held, shown: Service<ComboboxState>, change: ChangeOf<ComboboxState>): void {
  const { engine, parts } = held.context;
  if (change.name !== 'open') return;
  shown.settle?.(change);
  if (change.value) return;
  const isKept = held.isTyped && change.reason !== 'escape' && parts.trigger === parts.holder;
  const typed = isKept ? engine.state().query : undefined;
  held.isTyped = false;
  settled(held, afterClosing(typed, engine.view), change.reason);
  engine.render();
}

/** Serves a combobox. `first`: what a reset of its form goes back to. */
export function controller(
  engine: ComboboxEngine,
  parts: ComboboxParts,
  first: () => Chosen,
): Service<ComboboxState> {
  const { root, options, view } = engine;
  const announce = announcer(root, options.messages, 'append');
  const context: ComboboxContext = { engine, parts, say: { ...english, ...options.messages }, announce };
  const found = results(context);
  const value = valueOf(context, found.labelOf, first);
  const items = listOf(() => held, context, found);
  const held: Held = { context, found, value, items, ids: idMaker(), isTyped: false };
  view.labelOf = found.labelOf;
  const shown = layerOf(held);
  const name = nameFor(parts);
  const unfollow = followField(context, {
    tokens: value.tokens,
    typed(query) {
      held.isTyped = true;
      engine.change({ query }, { reason: 'key', source: parts.holder });
      if (!engine.state().open) engine.change({ open: true }, { reason: 'key', source: parts.holder });
    },
  });
  return {
    aim: items.aim,
    parts() {
      found.sync();
      items.parts();
      found.show();
      value.show(engine.state().open && held.isTyped);
      return [...(shown.parts?.() ?? []), ...partsOf(held, name)];
    },
    show: (change) => show(held, shown, change),
    settle: (change) => settle(held, shown, change),
    release() {
      unfollow();
      shown.release?.();
      items.release();
      value.release();
      announce.release();
      found.release();
    },
  };
}
