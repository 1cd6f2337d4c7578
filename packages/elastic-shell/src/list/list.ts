// The list service: items with one tab stop, with one active descendant, or each with a tab stop of its own,
// moved through by keys, letters and clicks, and with panels if the pattern has them. Accordions, tabs,
// menus, listboxes, trees and comboboxes use it. It depends on none of them: the contract decides what an
// intent means. A key or a click becomes an intent for an item. When the state has changed, the drawing
// writes the attributes that the change affects, the current item is scrolled into view, and focus follows.
import { indexOf, type Item, neighbour } from '../core/collection/items.js';
import { isByPage, type Move, move, type MoveRules } from '../core/collection/movement.js';
import type { Contract, ItemsView, KeyAct, MoveAct, Writable } from '../core/contract/contract.js';
import type { Change } from '../engine/types.js';
import { listenIn } from '../events/document-events.js';
import { listen } from '../events/listen.js';
import { activeIn, focusOn } from '../focus/focusable.js';
import { idMaker } from '../labels/labels.js';
import { focusCursor } from './cursor.js';
import { drawing } from './drawing.js';
import { focus, hasFocus, keepFocus, type Held, type ListEngine, look } from './held.js';
import { keyboard } from './keyboard.js';
import { panelsOf } from './panels.js';
import { stillThere } from './still-there.js';
import type { IntendingList, ListRules } from './types.js';

function intend<S extends object, O, I extends string>(
  held: Held<S, O, I>,
  intent: I,
  at: string | undefined,
  reason: Change['reason'],
  event?: Event,
): void {
  const { engine, rules, cursor } = held;
  const view: Writable<ItemsView<O>> = engine.view;
  look(held);
  const start = cursor.get();
  held.isRevealing = reason === 'key' && cursor.isState;
  const source = rules.items.elementOf(at);
  engine.intend(intent, { reason, event, ...(source && { source }) }, at);
  if (!rules.extends?.(intent)) view.anchor = cursor.get();
  else view.anchor ??= start ?? at;
  if (held.isRevealing) engine.flush();
  if (!rules.holder && cursor.isState && reason === 'key') focus(held);
}

/**
 * Returns the number of items on a page. Called when a key moves by one page, because it makes the browser
 * lay out the list.
 */
const withPage = <S extends object, O, I extends string>({ rules }: Held<S, O, I>, to: Move): MoveRules => {
  const columns = rules.columns?.() ?? 1;
  return {
    ...rules.moves,
    columns,
    ...(isByPage(to) && { page: rules.items.page() * columns }),
  };
};

/** A key that moves to another item and then requests something for it. */
function go<S extends object, O, I extends string>(
  held: Held<S, O, I>,
  act: MoveAct<I>,
  from: Item | undefined,
  event: KeyboardEvent,
): void {
  const { rules, cursor } = held;
  event.preventDefault();
  const to = move(rules.reach?.() ?? rules.items.items(), from?.key, act.to, withPage(held, act.to));
  if (act.then && cursor.isState)
    return to === undefined ? undefined : intend(held, act.then, to, 'key', event);
  // The reason is passed here, because focus alone could come from anything.
  if (cursor.isState) cursor.set(to, { reason: 'key', event });
  focusOn(rules.items.elementOf(to));
  if (act.then && to !== undefined && to !== from?.key) intend(held, act.then, to, 'key', event);
}

function onAct<S extends object, O, I extends string>(
  held: Held<S, O, I>,
  act: KeyAct<I>,
  event: KeyboardEvent,
): void {
  const { rules, engine } = held;
  const stop = look(held);
  const item = rules.items.of(event.target) ?? engine.view.items[indexOf(engine.view.items, stop)];
  if (typeof act !== 'string') return go(held, act, item, event);
  if (rules.act?.(act, item, event)) return;
  event.preventDefault();
  if (item?.disabled && !rules.moves?.reachDisabled && !held.cursor.isState) return;
  intend(held, act, item?.key, 'key', event);
}

/** The listeners for keys, clicks and focus. */
function hear<S extends object, O, I extends string>(held: Held<S, O, I>): (() => void)[] {
  const { engine, rules, cursor, box, letters } = held;
  const { items, holder } = rules;
  const keys = keyboard<I>({
    root: engine.root,
    look: () => ({ stop: look(held), items: engine.view.items }),
    keys: rules.keys,
    letters,
    found: (key, event) => rules.letters && intend(held, rules.letters.intent, key, 'key', event),
    act: (act, event) => onAct(held, act, event),
  });
  const isOwn = ({ target }: Event): boolean =>
    !!holder || target === box || target === items.elementOf(items.of(target)?.key);
  const lift = (): void => queueMicrotask(() => (held.isPressing = false));
  return [
    listen(holder ?? box, { keydown: (event) => isOwn(event) && !rules.keeps?.(event) && keys.press(event) }),
    listen(box, {
      pointerdown() {
        held.isPressing = true;
      },
      mousedown(event) {
        // With Shift the browser would select the text from here to the last click.
        const item = event.shiftKey && box.ariaMultiSelectable === 'true' && items.of(event.target);
        if (!item) return;
        event.preventDefault();
        if (!holder) focusOn(items.elementOf(item.key));
      },
      click(event) {
        held.isPressing = false;
        const item = items.of(event.target);
        if (!item || event.defaultPrevented) return;
        const intent = rules.press(event, item);
        if (intent && !item.disabled) intend(held, intent, item.key, event.detail ? 'press' : 'key', event);
      },
      focusin(event) {
        const item = items.of(event.target);
        if (holder || !item || !isOwn(event)) return;
        letters?.prepare(items.items());
        held.focused = item.key;
        cursor.set(item.key, { reason: held.isPressing ? 'press' : 'native', event });
      },
      focusout(event) {
        if (items.of(event.relatedTarget)) return;
        // An item that is moved in the document loses focus. Whether that happened is known at the end of
        // this task.
        setTimeout(() => (held.focused = hasFocus(held) ? held.focused : undefined));
        cursor.left();
        keys.forget();
      },
    }),
    listenIn(engine.root.ownerDocument, { pointerup: lift, pointercancel: lift }),
  ];
}

/**
 * The items have changed. If the current one is gone, its neighbour becomes current, and gets focus if the
 * removed item had it.
 */
function moved<S extends object, O, I extends string>(held: Held<S, O, I>, before: readonly Item[]): void {
  const { engine, rules, cursor, box } = held;
  const now = rules.items.items();
  const current = cursor.get();
  const at = indexOf(before, current);
  if (at < 0 || indexOf(now, current) >= 0) return shifted(held);
  const active = activeIn(box);
  const had = hasFocus(held) || active === box.ownerDocument.body;
  cursor.set(neighbour(now, at), { reason: 'removed' });
  if (!cursor.isState) engine.render();
  if (had && !rules.holder) focus(held);
}

/** The same items, in other positions. */
function shifted<S extends object, O, I extends string>(held: Held<S, O, I>): void {
  held.engine.render();
  keepFocus(held);
}

/**
 * Runs the items that `rules` define for a contract.
 *
 * @param engine - The running pattern.
 * @param contract - The contract of the pattern.
 * @param rules - How items are found, moved through and drawn.
 * @returns The list.
 */
export function list<S extends object, O, I extends string>(
  engine: ListEngine<S, O, I>,
  contract: Pick<Contract<S, O, I>, 'semantics' | 'touches'>,
  rules: ListRules<S, I>,
): IntendingList<S, I> {
  const { root } = engine;
  const ids = idMaker();
  const cursor = rules.cursor ?? focusCursor(() => rules.stop !== 'every' && engine.render());
  const held: Held<S, O, I> = {
    engine,
    rules,
    cursor,
    box: rules.box ?? root,
    letters: rules.letters?.follow(root),
    isRevealing: false,
    isPressing: false,
    focused: undefined,
  };
  const { items } = rules;
  const panels = rules.panels && panelsOf(root, rules.panels.items, ids, rules.panels);
  const draws = drawing(engine, contract, ids, {
    ...rules,
    panels,
    everyStop: rules.stop === 'every',
    panelParts: (panel, key) => rules.panels?.parts?.(panel, key),
  });
  const releases = [
    ...hear(held),
    items.follow({
      changed() {
        const before = engine.view.items;
        rules.changed?.(items.items());
        moved(held, before);
      },
      shifted: () => shifted(held),
      described(keys) {
        draws.touch(...keys);
        engine.render();
      },
    }),
    () => held.letters?.release(),
    ...(panels ? [panels.release] : []),
  ];
  const view: Writable<ItemsView<O>> = engine.view;
  view.moves = rules.moves;
  look(held);

  return {
    intend: (intent, at, reason, event) => intend(held, intent, at, reason, event),
    /** A control requests something for an item. Its value names the item. */
    aim: (_, { result }) => result || undefined,
    follow: (change) => (rules.filters ? undefined : stillThere(items, change)),
    focus: () => focus(held),
    moved: (before) => moved(held, before),
    touch: draws.touch,
    panelOf: (key) => panels?.of(key),
    reveal() {
      held.isRevealing = true;
    },
    activeId() {
      const element = items.elementOf(cursor.get());
      return element && ids.of(element);
    },
    parts() {
      const stop = look(held);
      const isOther = items.update(stop, held.isRevealing);
      held.isRevealing = false;
      draws.draw(stop, isOther);
      return [];
    },
    show({ name }) {
      if (!cursor.isState || name !== 'current' || !hasFocus(held)) return;
      held.isRevealing = true;
      engine.flush();
      focus(held);
    },
    release: () => releases.forEach((release) => release()),
  };
}
