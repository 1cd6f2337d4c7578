// Runs a combobox: its keys, its list in a layer, and the order in which results, value and field follow its
// state. The results (`results.ts`) decide which options the list shows, from the known options
// (`options-source.ts`). The value (`value.ts`) shows the selection as text or as tokens. The field
// (`field.ts`) is what the user types into. The popup (`popup.ts`) is a layer. Keys other than moves are in
// `actions.ts`. `parts` updates each of them to the state.
import { indexOf } from '../../core/collection/items.js';
import { type Chosen, keysOf } from '../../core/collection/selection.js';
import {
  afterClosing,
  combobox,
  comboboxKeys,
  type ComboboxState,
  type ComboboxView,
} from '../../core/contract/combobox.js';
import type { Writable } from '../../core/contract/contract.js';
import { wordsOf } from '../../core/words.js';
import { announcer } from '../../announce/announce.js';
import type { Part } from '../../engine/attribute-writer.js';
import type { Service } from '../../engine/service.js';
import type { ChangeOf } from '../../engine/types.js';
import { idMaker } from '../../labels/labels.js';
import { stateCursor } from '../../list/cursor.js';
import { lettersTo } from '../../list/letters.js';
import { list } from '../../list/list.js';
import { positionOf } from '../../list/rows/source.js';
import { act, fill, type Held, pick, settled } from './actions.js';
import { followField } from './field.js';
import type { ComboboxParts } from './parts.js';
import { popupLayer } from './popup.js';
import { addKey, results, type Results } from './results.js';
import type { ComboboxContext, ComboboxEngine } from './types.js';
import { valueOf } from './value.js';
import { english } from './words.js';

const listOf = (held: () => Held, context: ComboboxContext, found: Results): Held['items'] => {
  const { engine, parts } = context;
  const { options, state } = engine;
  return list(engine, combobox, {
    items: found.items,
    cursor: stateCursor(engine),
    box: parts.list,
    holder: parts.holder,
    filters: true,
    stop: () => [],
    from() {
      const { open, current, selected } = state();
      return open ? current : [...keysOf(selected)][0];
    },
    keys: () => comboboxKeys(state().open, !!parts.field),
    // In a text field, holding Space down types spaces.
    keeps: ({ key, repeat }) => !!parts.field && repeat && key === ' ',
    act: (intent, item, event) => act(held(), intent, item, event),
    ...(!parts.field && { letters: lettersTo('go') }),
    press(event, item) {
      if (!item.disabled) pick(held(), item.key, event.detail ? 'press' : 'key', event);
      return undefined;
    },
    itemParts({ key }) {
      const all = found.items.items();
      return {
        'data-current': key === state().current ? '' : null,
        ...(key === addKey && { 'data-add': '' }),
        ...(options.items ? positionOf(all, indexOf(all, key)) : { hidden: found.isShown(key) ? null : '' }),
      };
    },
    // A row in the markup doesn't depend on how many others are visible.
    follows: () => (options.items ? found.items.items() : found.all()),
    changed: found.stale,
  });
};

/** Names the list after its field, unless the author has named it. */
const nameFor = ({ list: box, holder }: ComboboxParts): string | undefined => {
  if (box.matches('[aria-label],[aria-labelledby]')) return undefined;
  const labels = 'labels' in holder && holder.labels instanceof NodeList ? holder.labels : [];
  return holder.getAttribute('aria-label') ?? (labels[0]?.textContent?.trim() || undefined);
};

/** Returns the attributes with which the field, its button and the list refer to each other. */
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
        tabindex: '-1',
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

/** Updates the page after a change: loads the options, shows them, and makes the first match current. */
function show(held: Held, shown: Service<ComboboxState>, change: ChangeOf<ComboboxState>): void {
  const { context, found, value, items, isTyped } = held;
  const { engine } = context;
  if (change.name === 'open') {
    if (change.value) found.ask(engine.state().query, false);
    shown.show?.(change);
    // The text that was typed to open the list may already have matches.
    if (change.value) found.tellFound();
    if (change.value) found.prepare();
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

/** On closing, search text is cleared, unless it counts as free text. */
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

/**
 * Runs a combobox. `first`: the state that a reset of its form restores. `isTyped`: the user is already
 * typing.
 */
export function controller(
  engine: ComboboxEngine,
  parts: ComboboxParts,
  first: Chosen,
  isTyped: boolean,
): Service<ComboboxState> {
  const { root, options } = engine;
  const view: Writable<ComboboxView> = engine.view;
  const announce = announcer(root, () => options.messages, 'append');
  const context: ComboboxContext = { engine, parts, say: wordsOf(english, () => options.messages), announce };
  const found = results(context);
  const value = valueOf(context, found.labelOf, first);
  const items = listOf(() => held, context, found);
  const held: Held = { context, found, value, items, ids: idMaker(), isTyped, isTouched: isTyped };
  view.labelOf = found.labelOf;
  const shown = popupLayer(held);
  const name = nameFor(parts);
  // An attribute around the root isn't removed with it.
  const own = [parts.holder, parts.list, parts.trigger, parts.box].filter((part) => root.contains(part));
  const unfollow = followField(context, {
    tokens: value.tokens,
    entered() {
      held.isTouched = false;
    },
    filled: (text) => fill(held, text),
    typed(query) {
      held.isTyped = held.isTouched = true;
      engine.change({ query }, { reason: 'key', source: parts.holder });
      if (!engine.state().open) engine.change({ open: true }, { reason: 'key', source: parts.holder });
    },
  });
  return {
    aim: items.aim,
    parts() {
      found.sync();
      for (const key of found.turned()) items.touch(key);
      items.parts();
      found.show();
      value.show(engine.state().open && held.isTyped);
      return [...(shown.parts?.() ?? []), ...partsOf(held, name)];
    },
    show: (change) => show(held, shown, change),
    settle: (change) => settle(held, shown, change),
    isAtRest: () => shown.isAtRest?.() ?? true,
    update(names) {
      shown.update?.(names);
      found.update(names);
      found.stale();
    },
    start: () => shown.start?.(),
    restored: () => shown.restored?.(),
    stands: () => found.stands() && own.every((part) => root.contains(part)),
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
