// The data of one list while it runs, and the choice of the item with the tab stop.
import { tabStop } from '../core/collection/items.js';
import type { ItemsView, Writable } from '../core/contract/contract.js';
import type { Engine } from '../engine/service.js';
import { activeIn, canFocus, focusOn } from '../focus/focusable.js';
import type { Cursor } from './cursor.js';
import type { Letters } from './letters.js';
import type { ListRules } from './types.js';

/** A running contract, as a list sees it. */
export type ListEngine<S extends object, O, I extends string> = Pick<
  Engine<S, O, I>,
  'root' | 'view' | 'state' | 'intend' | 'render' | 'flush' | 'sheet'
>;

/** The data of one list. */
export interface Held<S extends object, O, I extends string> {
  engine: ListEngine<S, O, I>;
  rules: ListRules<S, I>;
  cursor: Cursor;
  box: HTMLElement;
  letters: Letters | undefined;
  isRevealing: boolean;
  isPressing: boolean;
  /** The item that has focus, or had it until this task. */
  focused: string | undefined;
}

/** Reads the items. Returns the one with the tab stop. */
export function look<S extends object, O, I extends string>({
  engine,
  rules,
  cursor,
}: Held<S, O, I>): string | undefined {
  const view: Writable<ItemsView<O>> = engine.view;
  view.items = rules.items.items();
  if (rules.holder) return (view.current = rules.from ? rules.from() : cursor.get());
  if (rules.stop === 'every') return (view.current = cursor.get());
  const { stop } = rules;
  // One at a time, because a million items may be selected.
  const wanted = (function* () {
    yield cursor.get();
    yield* stop(engine.state());
  })();
  return (view.current = tabStop(rules.reach?.() ?? view.items, wanted, rules.moves?.reachDisabled));
}

/** Moves focus to the item of the tab stop. */
export function focus<S extends object, O, I extends string>(held: Held<S, O, I>): void {
  focusOn(held.rules.items.elementOf(look(held)), { preventScroll: true });
}

/** Returns whether an item has focus. */
export const hasFocus = <S extends object, O, I extends string>({ rules, box }: Held<S, O, I>): boolean =>
  !rules.holder && rules.items.of(activeIn(box)) !== undefined;

/** Returns focus to the item that has lost it because it was moved in the document. */
export function keepFocus<S extends object, O, I extends string>({
  rules,
  box,
  focused,
}: Held<S, O, I>): void {
  const element = rules.items.elementOf(focused);
  if (element && canFocus(element) && activeIn(box) === box.ownerDocument.body)
    focusOn(element, { preventScroll: true });
}
