// Runs a combobox: the field, the list in its layer, what is searched for, tokens, words and its form, one after the other.
import { indexOf, type Item } from '../../core/collection/items.js';
import { matcher } from '../../core/collection/match.js';
import { move } from '../../core/collection/movement.js';
import { type Chosen, holds, keysOf } from '../../core/collection/selection.js';
import {
  afterClosing,
  combobox,
  type ComboboxChoices,
  comboboxKeys,
  type ComboboxState,
} from '../../core/contract/combobox.js';
import type { Openable } from '../../core/contract/openable.js';
import { announcer, languageOf } from '../announce.js';
import { beside, type BesideOptions } from '../beside.js';
import type { Engine, Service } from '../engine.js';
import { placeOf } from '../focus.js';
import type { Focusing } from '../focusing.js';
import { takePart } from '../forms.js';
import { logicalKey } from '../keys.js';
import { layer } from '../layer.js';
import { list as listOf } from '../list.js';
import { marker } from '../marking.js';
import { idGiver } from '../naming.js';
import { asPopover } from '../showing.js';
import type { Change, OpenOptions } from '../types.js';
import { type ChoicesOptions, choices } from './choices.js';
import { notice } from './notice.js';
import type { ComboboxParts } from './parts.js';
import { tokens } from './tokens.js';
import { type ComboboxWords, english } from './words.js';

export interface RunOptions
  extends OpenOptions, ComboboxChoices, ChoicesOptions, Omit<BesideOptions, 'anchor'> {
  /** Makes an option of what was typed, at once or by a promise; the list offers to add it. Default: none. */
  create?(query: string): Item | PromiseLike<Item>;
  name?: string;
  required?: boolean;
  messages?: ComboboxWords;
}

type ComboboxEngine = Engine<ComboboxState, RunOptions>;

const addKey = 'shell-add';

export function run(
  engine: ComboboxEngine,
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
  const value = trigger.querySelector<HTMLElement>('[data-value]');
  const placeholder = value?.textContent ?? '';
  const announce = announcer(root, options.messages);
  const marks = marker(document);
  const ids = idGiver();
  const stop = new AbortController();
  /** Typed into since it opened. */
  let isTyped = false;
  let shown: string | undefined;
  let isLate = false;
  let patience: ReturnType<typeof setTimeout> | undefined;
  let isReady = false;
  queueMicrotask(() => {
    isReady = true;
  });

  const settled = (next: Partial<ComboboxState>, reason: Change['reason']): void =>
    engine.change(next, { reason }, true);

  // What there is to choose from.
  const extra = (query: string): Item | undefined => {
    const typed = query.trim();
    const exists = source.all().some(({ label }) => label?.toLowerCase() === typed.toLowerCase());
    return create && typed && !exists && !source.state().isBusy
      ? { key: addKey, label: say.add(typed) }
      : undefined;
  };
  const sync = (): void => {
    const { query } = engine.state();
    const { isBusy } = source.state();
    const now = `${isBusy} ${query}`;
    if (now === shown) return;
    shown = now;
    source.show(query, extra(query));
  };
  const source = choices(root, list, options, () => {
    shown = undefined;
    sync();
    const { open, query, current } = engine.state();
    const { isBusy, hasFailed, error } = source.state();
    clearTimeout(patience);
    isLate = false;
    if (isBusy)
      patience = setTimeout(() => {
        isLate = true;
        engine.render();
      }, 150);
    else if (open) {
      if (indexOf(source.rows.items(), current) < 0) settled({ current: firstMatch(query) }, 'native');
      if (hasFailed) announce.say(say.failed(error));
      else tellFound();
    }
    engine.render();
  });
  view.labelOf = source.labelOf;
  const found = (): number => source.rows.items().filter(({ key }) => key !== addKey).length;
  const tellFound = (): void => {
    const { query } = engine.state();
    if (!query) return;
    if (found()) announce.count(found());
    else announce.say(say.none(query));
  };
  /** What is current once something else is searched for: the first match; with nothing typed what was current before. */
  const firstMatch = (query: string): string | undefined => {
    const items = source.rows.items();
    const { current } = engine.state();
    if (!query) return indexOf(items, current) < 0 ? undefined : current;
    return freeText ? undefined : move(items, undefined, 'first');
  };

  // The list and its keys.
  const pick = (key: string, reason: 'press' | 'key', event: Event): void => {
    const { query, selected } = engine.state();
    if (key !== addKey) {
      if (multiple && !holds(selected, key) && keysOf(selected).size >= limit) announce.say(say.full(limit));
      // What was typed to find it is not what is meant.
      if (!multiple) isTyped = false;
      return rowsOf.intend('pick', key, reason, event);
    }
    const take = (item: Item): void => {
      source.learn(item);
      if (!multiple) isTyped = false;
      rowsOf.intend('pick', item.key, reason, event);
    };
    const fail = (error: unknown): void => announce.say(say.failed(error));
    try {
      const made = create!(query.trim());
      if ('then' in made) void made.then(take).then(undefined, fail);
      else take(made);
    } catch (error) {
      fail(error);
    }
  };
  const act = (intent: string, item: Item | undefined, event: KeyboardEvent): boolean => {
    const { open, selected, text, query } = engine.state();
    const cause = { reason: 'key', event, source: holder } as const;
    if (intent === 'clear') {
      const isEmpty = !keysOf(selected).size && !text && !field?.value;
      if (isEmpty) return true;
      event.preventDefault();
      engine.intend('clear', cause);
      if (field) field.value = engine.state().text;
      return true;
    }
    if (intent === 'leave') {
      if (!field && !multiple && item && open) pick(item.key, 'key', event);
      engine.intend('close', cause);
      return true;
    }
    if (!/^(enter|escape|open|close)/.test(intent)) return false;
    event.preventDefault();
    if (intent === 'escape') engine.intend('close', { ...cause, reason: 'escape' });
    else if (intent !== 'enter') rowsOf.intend(intent, undefined, 'key', event);
    else if (item && !item.disabled) pick(item.key, 'key', event);
    else if (!item && (freeText || !query)) engine.intend('close', cause);
    return true;
  };
  const rowsOf = listOf(engine, combobox, {
    rows: source.rows,
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
      `${holds(selected, key)} ${key === current} ${keysOf(selected).size >= limit} ${source.rows.items().length}`,
    rowParts: ({ key }) => {
      const items = source.rows.items();
      const at = indexOf(items, key);
      return {
        'data-current': key === engine.state().current ? '' : null,
        ...(key === addKey && { 'data-add': '' }),
        ...(options.items
          ? { 'aria-posinset': `${at + 1}`, 'aria-setsize': `${items.length}` }
          : { hidden: at < 0 ? '' : null }),
      };
    },
    changed: () => {
      shown = undefined;
    },
  });

  // The layer.
  const focusing: Focusing = {
    returns: 'inside',
    place: placeOf,
    giveBack: (place, scope) => place?.giveBack(scope, trigger),
    enter: () => isInner && holder.focus(),
    tab() {},
  };
  const shell = {
    ...engine,
    root: popup,
    options: { ...options, anchor: box, fit: options.fit ?? 'anchor' },
  };
  const standing = beside(shell as never, { area: 'block-end span-inline-end', gap: 4 });
  const opening = layer(shell as unknown as Engine<Openable>, {
    showing: asPopover(popup),
    standing,
    focusing,
    outside: 'close',
    focusOut: 'close',
  });

  // Tokens, the field, and the form.
  const note = notice(popup, list, () => {
    holder.focus();
    source.retry();
  });
  const chips = multiple
    ? tokens(root, trigger, {
        name: say.remove,
        chosen: say.chosen(),
        remove(key, reason, event) {
          view.at = key;
          engine.intend('remove', { reason, event });
          view.at = undefined;
        },
      })
    : undefined;
  const isRequired =
    options.required ?? (holder.hasAttribute('required') || root.hasAttribute('data-required'));
  const write = (): void => {
    const { selected, text, open, query } = engine.state();
    const keys = [...keysOf(selected)];
    chips?.show(keys.map((key) => ({ key, label: source.labelOf(key) })));
    if (value && value.textContent !== (text || placeholder)) value.textContent = text || placeholder;
    if (!field) return;
    const wanted = multiple || isInner ? query : open && isTyped ? query : text;
    if (field.value !== wanted) field.value = wanted;
    field.setCustomValidity?.(isRequired && !keys.length && !text ? say.required() : '');
  };
  const typing = (): void => {
    isTyped = true;
    engine.change({ query: field!.value }, { reason: 'key', source: holder });
    if (!engine.state().open) engine.change({ open: true }, { reason: 'key', source: holder });
  };
  const heard: Record<string, (event: never) => void> = {
    input(event: Event) {
      if (event.target === field) typing();
    },
    click(event: MouseEvent) {
      if (
        event.defaultPrevented ||
        popup.contains(event.target as Node) ||
        !box.contains(event.target as Node)
      )
        return;
      const onTrigger = trigger.contains(event.target as Node);
      const other = (event.target as Element).closest('button,a,input');
      if (!onTrigger && other) return;
      if (!onTrigger) holder.focus();
      const reason = event.detail ? 'press' : 'key';
      engine.intend(field && !isInner ? 'open' : 'toggle', { reason, event, source: trigger });
    },
    // The field keeps focus while its list is pressed.
    mousedown(event: MouseEvent) {
      const target = event.target as Element;
      if (popup.contains(target) && !target.closest('input,button,[data-notice]')) event.preventDefault();
    },
    keydown(event: KeyboardEvent) {
      if (event.defaultPrevented || event.isComposing || !chips || event.target !== holder) return;
      const isStart = !field || (!field.value && field.selectionStart === 0);
      const toTokens = event.key === 'Backspace' || logicalKey(event, root) === 'inline-previous';
      if (toTokens && isStart && chips.enter()) event.preventDefault();
    },
  };
  if (!field)
    heard['keyup'] = (event: KeyboardEvent) => {
      // What Space did on the way down, a button would do again on the way up.
      if (event.target === holder && event.key === ' ') event.preventDefault();
    };
  for (const type in heard)
    root.addEventListener(type, heard[type] as EventListener, { signal: stop.signal });
  const leave = takePart(root, {
    name: options.name ?? root.dataset['name'],
    value() {
      const { selected, text } = engine.state();
      const keys = [...keysOf(selected)];
      return keys.length || !freeText || !text ? keys : text;
    },
    reset() {
      const selected = first();
      const [key] = keysOf(selected);
      settled({ selected, text: !multiple && key !== undefined ? source.labelOf(key) : '' }, 'native');
    },
  });

  const chose = ({ value: now, previous }: Change): void => {
    const [after, before] = [keysOf(now as Chosen), keysOf(previous as Chosen)];
    shown = undefined;
    if (!multiple) {
      const [key] = after;
      if (key !== undefined) settled({ text: source.labelOf(key) }, 'program');
      else if (!freeText) settled({ text: '' }, 'program');
      return;
    }
    if (!isReady) return;
    const added = [...after].find((key) => !before.has(key));
    const removed = [...before].find((key) => !after.has(key));
    if (added !== undefined) announce.say(say.added(source.labelOf(added), after.size));
    else if (removed !== undefined) announce.say(say.removed(source.labelOf(removed), after.size));
  };
  const started = engine.state();
  if (freeText && field && !keysOf(started.selected).size) settled({ text: field.value }, 'native');

  return {
    parts() {
      sync();
      const { open, query } = engine.state();
      const { isBusy, hasFailed, error } = source.state();
      const rows = rowsOf.parts!();
      const active = open ? rowsOf.activeId() : undefined;
      write();
      marks.mark(
        source.rows.shown(),
        open && query && typeof options.match !== 'function'
          ? matcher(query, options.match, languageOf(root))
          : undefined,
      );
      if (hasFailed) note.show(say.failed(error), say.retry());
      else if (isBusy) note.show(isLate && !found() ? say.loading() : undefined);
      else note.show(found() || !open ? undefined : say.none(query));
      const name =
        holder.getAttribute('aria-label') ?? (holder as HTMLInputElement).labels?.[0]?.textContent?.trim();
      return [
        ...opening.parts!(),
        ...rows,
        [
          holder,
          {
            'aria-expanded': `${open}`,
            'aria-controls': ids.of(list),
            'aria-haspopup': 'listbox',
            'aria-activedescendant': active ?? null,
            ...(field && { 'aria-autocomplete': 'list', autocomplete: 'off', required: null }),
            ...(isRequired && { 'aria-required': 'true' }),
          },
        ],
        ...(isInner
          ? ([[trigger, { 'aria-expanded': `${open}`, 'aria-controls': ids.of(popup) }]] as const)
          : []),
        [
          list,
          {
            ...ids.attributes(list),
            ...(multiple && { 'aria-multiselectable': 'true' }),
            ...(name &&
              !list.hasAttribute('aria-labelledby') && {
                'aria-label': list.getAttribute('aria-label') ?? name,
              }),
            ...(isBusy && { 'aria-busy': 'true' }),
          },
        ],
        ...(popup === list ? [] : ([[popup, ids.attributes(popup)]] as const)),
      ];
    },
    show(change) {
      if (change.name === 'open') {
        if (change.value) source.ask(engine.state().query, false);
        opening.show!({ ...change, source: box });
        const active = document.activeElement;
        if (change.value && !isInner && active !== holder && root.contains(active)) holder.focus();
        if (change.value && !isTyped && !isInner) field?.select();
        engine.render();
      }
      if (change.name === 'query') {
        source.ask(change.value as string, isTyped);
        settled({ current: firstMatch(change.value as string) }, 'native');
        if (engine.state().open && !source.state().isBusy) tellFound();
      }
      if (change.name === 'selected') chose(change);
      rowsOf.show!(change);
    },
    settle(change) {
      if (change.name !== 'open') return;
      opening.settle!(change);
      if (change.value) return;
      const kept = isTyped && change.reason !== 'escape' && !isInner ? field?.value : undefined;
      isTyped = false;
      settled(afterClosing(kept, view), change.reason);
      write();
    },
    release() {
      stop.abort();
      clearTimeout(patience);
      opening.release!();
      rowsOf.release!();
      marks.mark([], undefined);
      chips?.release();
      note.release();
      if (field) field.setCustomValidity?.('');
      if (value) value.textContent = placeholder;
      leave();
      announce.release();
      source.release();
    },
  };
}
