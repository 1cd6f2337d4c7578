// The list service: rows with one tab stop or one active descendant, moved through by keys, letters and presses.
// It knows no pattern: what an intent means is the contract's business.
import { indexOf, type Item, neighbour } from '../core/collection/items.js';
import { isLetter, typeAhead, typedNothing } from '../core/collection/type-ahead.js';
import type { Attributes, Contract } from '../core/contract/contract.js';
import { type Selecting, stopOf } from '../core/contract/selecting.js';
import type { Engine, Service } from '../engine/engine.js';
import { activeIn } from '../focus/focusable.js';
import { listenIn } from '../events/document-events.js';
import { chordOf } from '../events/keys.js';
import { idMaker } from '../labels/labels.js';
import type { Rows } from './rows/rows.js';
import type { Change } from '../engine/types.js';

/** What is asked of the state of a list: which row is current, and where that matters what is selected. */
export interface ListState {
  current: string | undefined;
}

export interface ListRules<S extends ListState> {
  rows: Rows;
  /** The element that holds the rows. Default: the root. */
  list?: HTMLElement;
  /** The element that keeps focus and names the current row; without one the rows themselves take focus. */
  holder?: HTMLElement;
  /** With a holder: the row that keys go from. Default: the current one. */
  from?(): string | undefined;
  /** The intent of each chord. */
  keys(): Readonly<Record<string, string>>;
  /** Has a key do what no intent says; true when it has. */
  act?(intent: string, item: Item | undefined, event: KeyboardEvent): boolean;
  /** The intent of a press on a row. */
  press(event: MouseEvent, item: Item): string | undefined;
  /** Letters lead to items. */
  letters?: boolean;
  /** How many rows lie side by side: moves by a row go as many items. Default: 1. */
  columns?(): number;
  /** What of the state the attributes of a row follow, beside whether it is the stop: the same, and they are not made again. */
  digest?(state: S, item: Item): string;
  /** More attributes of a row, on top of the contract's. */
  rowParts?(item: Item, row: HTMLElement): Attributes | undefined;
  /** What is in the author's list has changed. */
  changed?(): void;
}

export interface List extends Service {
  /** Has `intent` happen on the row of `at`, and brings the current row into view. */
  intend(intent: string, at: string | undefined, reason: Change['reason'], event?: Event): void;
  /** Focus on the row of the tab stop. */
  focus(): void;
  /** The id of the current row, where that is on the page. */
  activeId(): string | undefined;
  /** The rows are others now: what was current is looked for among them. */
  moved(before: readonly Item[]): void;
}

export function list<S extends ListState, O extends object>(
  engine: Engine<S, O>,
  { semantics }: Pick<Contract<S, string, O>, 'semantics'>,
  rules: ListRules<S>,
): List {
  const { root, view } = engine;
  const { rows, holder, list: box = root } = rules;
  const document = root.ownerDocument;
  const ids = idMaker();
  const stopped = new AbortController();
  /** What was last wanted of each row and of what names and describes it. */
  const drawn = new WeakMap<Element, { item: Item; digest: string; wanted: [Element, Attributes][] }>();
  let typed = typedNothing;
  let isRevealing = false;
  let isPressing = false;

  const look = (): string | undefined => {
    view.items = rows.items();
    return (view.current = holder
      ? (rules.from ?? (() => engine.state().current))()
      : stopOf(engine.state() as Partial<Selecting>, view.items));
  };
  const hasFocus = (): boolean => !holder && rows.of(activeIn(box)) !== undefined;
  const focus = (): void => {
    rows.elementOf(look())?.focus({ preventScroll: true });
  };

  const intend: List['intend'] = (intent, at, reason, event) => {
    look();
    view.at = at;
    const columns = rules.columns?.() ?? 1;
    view.moves = { columns, ...(/page/.test(intent) && { page: rows.page() * columns }) };
    isRevealing = reason === 'key';
    const source = rows.elementOf(at);
    engine.intend(intent, { reason, event, ...(source && { source }) });
    view.at = undefined;
    if (!/^(extend|range|all)/.test(intent)) view.anchor = engine.state().current;
    else view.anchor ??= at;
    if (isRevealing) engine.render();
    if (!holder && reason === 'key') focus();
  };

  const onKey = (event: KeyboardEvent): void => {
    if (event.defaultPrevented || event.isComposing) return;
    const row = rows.of(event.target);
    if (!holder && event.target !== rows.elementOf(row?.key) && event.target !== box) return;
    const stop = look();
    const item = row ?? view.items![indexOf(view.items!, stop)];
    const { key, timeStamp } = event;
    const isFree = !event.ctrlKey && !event.metaKey && !event.altKey;
    if (rules.letters && isFree && !rules.keys()[key] && isLetter(key, typed, timeStamp)) {
      const found = typeAhead(typed, key, timeStamp, view.items!, stop);
      // A space that goes on no word does what Space does.
      if (key !== ' ' || found.key !== undefined) {
        event.preventDefault();
        typed = found.state;
        if (found.key !== undefined) intend('found', found.key, 'key', event);
        return;
      }
    }
    const intent = rules.keys()[chordOf(event, root) ?? ''];
    if (!intent) return;
    if (!rules.act?.(intent, item, event)) {
      event.preventDefault();
      intend(intent, item?.key, 'key', event);
    }
  };

  const heard: Record<string, (event: never) => void> = {
    keydown: onKey,
    pointerdown() {
      isPressing = true;
    },
    click(event: MouseEvent) {
      isPressing = false;
      const item = rows.of(event.target);
      if (!item || event.defaultPrevented) return;
      const intent = rules.press(event, item);
      if (intent && !item.disabled) intend(intent, item.key, event.detail ? 'press' : 'key', event);
    },
    focusin(event: FocusEvent) {
      const item = rows.of(event.target);
      if (holder || !item || event.target !== rows.elementOf(item.key)) return;
      const reason = isPressing ? 'press' : 'native';
      engine.change({ current: item.key } as unknown as Partial<S>, { reason, event }, true);
    },
  };
  for (const type in heard) {
    const target = type === 'keydown' && holder ? holder : box;
    target.addEventListener(type, heard[type] as EventListener, { signal: stopped.signal });
  }
  const lift = (): void => queueMicrotask(() => (isPressing = false));
  const unhear = listenIn(document, { pointerup: lift, pointercancel: lift });

  const moved: List['moved'] = (before) => {
    const { current } = engine.state();
    const at = indexOf(before, current);
    if (current === undefined || at < 0 || indexOf(rows.items(), current) >= 0) return engine.render();
    const had = hasFocus() || activeIn(box) === document.body;
    engine.change(
      { current: neighbour(rows.items(), at) } as unknown as Partial<S>,
      { reason: 'removed' },
      true,
    );
    if (had && !holder) focus();
  };
  const unfollow = rows.follow(() => {
    const before = view.items ?? [];
    rules.changed?.();
    moved(before);
  }, engine.render);

  return {
    intend,
    focus,
    moved,
    activeId() {
      const row = rows.elementOf(engine.state().current);
      return row && ids.of(row);
    },
    parts() {
      const state = engine.state();
      const stop = look();
      rows.update(stop, isRevealing);
      isRevealing = false;
      const wanted: (readonly [Element, Attributes])[] = [];
      for (const [item, row] of rows.shown()) {
        const { key } = item;
        const isStop = key === stop;
        const digest = rules.digest ? `${isStop} ${rules.digest(state, item)}` : '';
        let last = drawn.get(row);
        if (!last || !digest || last.digest !== digest || last.item !== item) {
          const name = row.querySelector('[data-label]');
          const more = row.querySelector('[data-description]');
          const attributes = {
            ...semantics['item']?.(state, view, key),
            ...(item.disabled && { 'aria-disabled': 'true' }),
            ...(more && { 'aria-describedby': ids.of(more) }),
            ...(more && (name ? { 'aria-labelledby': ids.of(name) } : { 'aria-label': item.label ?? key })),
            ...(holder ? ids.attributes(row) : { tabindex: isStop ? '0' : '-1' }),
            ...rules.rowParts?.(item, row),
          };
          last = { item, digest, wanted: [[row, attributes]] };
          for (const part of more ? [name, more] : [])
            if (part) last.wanted.push([part, ids.attributes(part)]);
          drawn.set(row, last);
        }
        wanted.push(...last.wanted);
      }
      return wanted;
    },
    show({ name }) {
      if (name !== 'current' || !hasFocus()) return;
      isRevealing = true;
      engine.render();
      focus();
    },
    release() {
      stopped.abort();
      unhear();
      unfollow();
    },
  };
}
