// Runs a combobox: its keys, its list in a layer, and the order in which offer, answer and field follow its state.
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Chosen, holds, keysOf } from '../../core/collection/selection.js';
import { afterClosing, combobox, comboboxKeys, type ComboboxState } from '../../core/contract/combobox.js';
import type { Openable } from '../../core/contract/openable.js';
import { announcer } from '../../announce/announce.js';
import { anchored } from '../../position/anchored.js';
import type { Engine, Service } from '../../engine/engine.js';
import { placeOf } from '../../focus/focusable.js';
import type { FocusPolicy } from '../../focus/focus-policy.js';
import { layer } from '../../layer/layer.js';
import { list as listOf } from '../../list/list.js';
import { idMaker } from '../../labels/labels.js';
import { isPromise } from '../../engine/promise.js';
import { positionOf } from '../../list/rows/source.js';
import { asPopover } from '../../layer/top-layer.js';
import type { Change } from '../../engine/types.js';
import { answer } from './value.js';
import { followField } from './field.js';
import { addKey, offer } from './results.js';
import type { RunOptions } from './types.js';
import type { ComboboxParts } from './parts.js';
import { english } from './words.js';

/** `first`: what a reset of its form goes back to. */
export function run(
  engine: Engine<ComboboxState, RunOptions>,
  options: RunOptions,
  parts: ComboboxParts,
  first: () => Chosen,
): Service {
  const { root, view } = engine;
  const { holder, field, trigger, list, popup, box } = parts;
  const { multiple = false, freeText, limit = Infinity, create } = options;
  const document = root.ownerDocument;
  const say = { ...english, ...options.messages };
  const isInner = trigger !== holder;
  const ids = idMaker();
  const announce = announcer(root, options.messages, 'append');
  const offered = offer(engine, options, parts, say, announce);
  const { rows } = offered;
  const answered = answer(engine, options, parts, say, announce, offered.labelOf, first);
  /** Typed into since it opened. */
  let isTyped = false;
  view.labelOf = offered.labelOf;

  const settled = (next: Partial<ComboboxState>, reason: Change['reason']): void =>
    engine.change(next, { reason }, true);

  const add = (query: string, take: (item: Item) => void): void => {
    const fail = (error: unknown): void => announce.say(say.failed(error));
    try {
      const made = create!(query.trim());
      if (isPromise(made)) void made.then(take).then(undefined, fail);
      else take(made);
    } catch (error) {
      fail(error);
    }
  };
  const pick = (key: string, reason: 'press' | 'key', event: Event): void => {
    const { query, selected } = engine.state();
    const take = (item: Item): void => {
      offered.learn(item);
      pick(item.key, reason, event);
    };
    if (key === addKey) return add(query, take);
    if (multiple && !holds(selected, key) && keysOf(selected).size >= limit) announce.say(say.full(limit));
    // What was typed to find it is not what is meant.
    if (!multiple) isTyped = false;
    items.intend('pick', key, reason, event);
  };
  const act = (intent: string, item: Item | undefined, event: KeyboardEvent): boolean => {
    const { open, selected, text, query } = engine.state();
    const cause = { reason: 'key', event, source: holder } as const;
    if (intent === 'leave') {
      if (!field && !multiple && item && open) pick(item.key, 'key', event);
      engine.intend('close', cause);
      return true;
    }
    // What is empty is not cleared: Escape is somebody else's then.
    // Tokens are taken away one by one.
    const isEmpty = !keysOf(selected).size && !text && !field?.value;
    if (intent === 'clear' && (multiple || isEmpty)) return true;
    if (!/^(clear|enter|escape|open|close)/.test(intent)) return false;
    event.preventDefault();
    if (intent === 'clear') engine.intend('clear', cause);
    else if (intent === 'escape') engine.intend('close', { ...cause, reason: 'escape' });
    else if (intent !== 'enter') items.intend(intent, undefined, 'key', event);
    else if (item && !item.disabled) pick(item.key, 'key', event);
    else if (!item && (freeText || !query)) engine.intend('close', cause);
    engine.render();
    return true;
  };
  const items = listOf(engine, combobox, {
    rows,
    list,
    holder,
    keys: () => comboboxKeys(engine.state().open, !!field),
    act,
    letters: !field,
    from: () => {
      const { open, current, selected } = engine.state();
      return open ? current : [...keysOf(selected)][0];
    },
    press(event, item) {
      if (!item.disabled) pick(item.key, event.detail ? 'press' : 'key', event);
      return undefined;
    },
    digest: ({ selected, current }, { key }) =>
      `${holds(selected, key)} ${key === current} ${keysOf(selected).size >= limit} ${rows.items().length}`,
    rowParts({ key }) {
      const all = rows.items();
      const at = indexOf(all, key);
      return {
        'data-current': key === engine.state().current ? '' : null,
        ...(key === addKey && { 'data-add': '' }),
        ...(options.items ? positionOf(all, at) : { hidden: at < 0 ? '' : null }),
      };
    },
    changed: offered.stale,
  });

  const focusing: FocusPolicy = {
    returns: 'inside',
    place: placeOf,
    giveBack: (place, scope) => place?.giveBack(scope, trigger),
    enter() {
      const { activeElement: active } = document;
      if (isInner || (active !== holder && root.contains(active))) holder.focus();
      else if (!isTyped) field?.select();
    },
    tab() {},
  };
  const shell = { ...engine, root: popup, options: { fit: 'anchor', ...options, anchor: box } };
  const opening = layer(shell as unknown as Engine<Openable>, {
    showing: asPopover(popup),
    standing: anchored(shell as never, { area: 'block-end span-inline-end', gap: 4 }),
    focusing,
    outside: 'close',
    focusOut: 'close',
  });
  const unfollow = followField(engine, parts, {
    tokens: answered.tokens,
    typed(query) {
      isTyped = true;
      engine.change({ query }, { reason: 'key', source: holder });
      if (!engine.state().open) engine.change({ open: true }, { reason: 'key', source: holder });
    },
  });

  /** The list is named as its field is, unless the author has named it. */
  const isNamed = list.matches('[aria-label],[aria-labelledby]');
  const [label] = (holder as HTMLInputElement).labels ?? [];
  const name = holder.getAttribute('aria-label') ?? label?.textContent?.trim();

  return {
    parts() {
      offered.show();
      const { open } = engine.state();
      const wanted = items.parts!();
      answered.show(open && isTyped);
      const shown = { 'aria-expanded': `${open}` };
      return [
        ...opening.parts!(),
        ...wanted,
        [popup, ids.attributes(popup)],
        [
          list,
          {
            ...ids.attributes(list),
            ...(name && !isNamed && { 'aria-label': name }),
            ...(multiple && { 'aria-multiselectable': 'true' }),
            ...(offered.state().isBusy && { 'aria-busy': 'true' }),
          },
        ],
        [trigger, { ...shown, 'aria-controls': ids.of(popup) }],
        [
          holder,
          {
            ...shown,
            'aria-controls': ids.of(list),
            'aria-haspopup': 'listbox',
            'aria-activedescendant': (open && items.activeId()) || null,
            ...(field && { 'aria-autocomplete': 'list', autocomplete: 'off', required: null }),
            ...(answered.isRequired && { 'aria-required': 'true' }),
          },
        ],
      ];
    },
    show(change) {
      if (change.name === 'open') {
        if (change.value) offered.ask(engine.state().query, false);
        opening.show!({ ...change, source: box });
        engine.render();
      }
      if (change.name === 'query') {
        const query = change.value as string;
        offered.ask(query, isTyped);
        settled({ current: offered.firstMatch(query) }, 'native');
        if (engine.state().open) offered.tellFound();
      }
      if (change.name === 'selected') {
        offered.stale();
        answered.changed(change);
      }
      items.show!(change);
    },
    settle(change) {
      if (change.name !== 'open') return;
      opening.settle!(change);
      if (change.value) return;
      const kept = isTyped && change.reason !== 'escape' && !isInner ? engine.state().query : undefined;
      isTyped = false;
      settled(afterClosing(kept, view), change.reason);
      engine.render();
    },
    release() {
      unfollow();
      opening.release!();
      items.release!();
      answered.release();
      announce.release();
      offered.release();
    },
  };
}
