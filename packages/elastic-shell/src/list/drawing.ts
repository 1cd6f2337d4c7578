// Drawing: has the attributes of items and their panels follow the state. What is written follows the change, not the
// number of items: a contract says which keys a step has touched, and those alone are worked out again.
import type { Item } from '../core/collection/items.js';
import { given } from '../core/collection/touched.js';
import type { Attributes, Contract, ItemsView, Writable } from '../core/contract/contract.js';
import type { Part } from '../engine/attribute-writer.js';
import type { Engine } from '../engine/service.js';
import type { IdMaker } from '../labels/labels.js';
import type { Items } from './items.js';
import type { Panels } from './panels.js';

/** What is drawn, and what it follows. */
export interface DrawingRules {
  items: Items;
  panels?: Panels | undefined;
  /** The element that keeps focus, where the items do not take it. */
  holder?: HTMLElement | undefined;
  /** Every item is a stop of its own. */
  everyStop?: boolean | undefined;
  /** More attributes of an item, on top of the contract's. */
  itemParts?(item: Item, element: HTMLElement): Attributes | undefined;
  /** More attributes of an item's panel, on top of the contract's. */
  panelParts?(panel: HTMLElement, key: string): Attributes | undefined;
  /** Other elements that go with an item. */
  beside?(item: Item, element: HTMLElement): readonly Part[];
  /** What the attributes of all items follow beside the state. Default: the items themselves. */
  follows?(): unknown;
}

/** The attributes of the items of one list. */
export interface Drawing {
  /** Brings the page up to the state; `stop` has the tab stop, `isOther`: other rows are on the page. */
  draw(stop: string | undefined, isOther: boolean): void;
  /** What is shown of these items is to be worked out again; without keys, of all. */
  touch(...keys: readonly string[]): void;
}

/** What was last wanted of an element's item. */
interface Drawn {
  item: Item;
  parts: readonly Part[];
}

/** What is drawn now, and for which state. */
interface Held<S extends object, O, I extends string> {
  engine: Pick<Engine<S, O, I>, 'state' | 'view' | 'sheet'>;
  contract: Pick<Contract<S, O, I>, 'semantics' | 'touches'>;
  ids: IdMaker;
  rules: DrawingRules;
  drawn: WeakMap<Element, Drawn>;
  dirty: Set<string>;
  last: { state: S; stop: string | undefined; follows: unknown } | undefined;
}

/** What is wanted of an item, and of the elements that belong to it. */
interface Wanted {
  own: Attributes;
  more: readonly Part[];
}

/** The name and the description of an item that has both. */
function describedParts(ids: IdMaker, item: Item, element: HTMLElement): Wanted {
  const more = element.querySelector('[data-description]');
  if (!more) return { own: {}, more: [] };
  const name = element.querySelector('[data-label]');
  const own = {
    'aria-describedby': ids.of(more),
    ...(name ? { 'aria-labelledby': ids.of(name) } : { 'aria-label': item.label ?? item.key }),
  };
  return { own, more: [name, more].flatMap((part): Part[] => (part ? [[part, ids.attributes(part)]] : [])) };
}

/** What is wanted of an item in a list. */
function rowParts<S extends object, O, I extends string>(
  { engine, contract, ids, rules }: Held<S, O, I>,
  item: Item,
  element: HTMLElement,
): Wanted {
  const { own, more } = describedParts(ids, item, element);
  const attributes: Attributes = {
    ...contract.semantics.item?.(engine.state(), engine.view, item.key),
    ...(item.disabled && { 'aria-disabled': 'true' }),
    ...own,
    ...(rules.holder && ids.attributes(element)),
  };
  return { own: attributes, more };
}

/** What is wanted of an item with a panel, and of the panel. */
function panelParts<S extends object, O, I extends string>(
  { engine, contract, ids, rules }: Held<S, O, I>,
  panels: Panels,
  item: Item,
  element: HTMLElement,
): Wanted {
  const view: Writable<ItemsView<O>> = engine.view;
  const { semantics } = contract;
  const link = panels.linkOf(item);
  view.native = !!link?.isAround;
  view.labelledBy = link && !link.isAround ? ids.of(element) : undefined;
  const shown = link && {
    ...semantics.panel?.(engine.state(), view, item.key),
    ...rules.panelParts?.(link.panel, item.key),
  };
  const linked = link && shown && panels.parts(element, link, shown);
  const own: Attributes = { ...semantics.item?.(engine.state(), view, item.key), ...linked?.own };
  view.native = false;
  view.labelledBy = undefined;
  return { own, more: linked ? [linked.panel] : [] };
}

function make<S extends object, O, I extends string>(
  held: Held<S, O, I>,
  item: Item,
  element: HTMLElement,
  stop: string | undefined,
): readonly Part[] {
  const { rules, drawn } = held;
  const { own, more } = rules.panels
    ? panelParts(held, rules.panels, item, element)
    : rowParts(held, item, element);
  const attributes: Attributes = {
    ...own,
    ...(!rules.holder && !rules.everyStop && { tabindex: item.key === stop ? '0' : '-1' }),
    ...rules.itemParts?.(item, element),
  };
  const parts = [[element, attributes] as const, ...more, ...(rules.beside?.(item, element) ?? [])];
  drawn.set(element, { item, parts });
  return parts;
}

/** The keys whose attributes may be others now; undefined for any. */
function touchedSince<S extends object, O, I extends string>(
  { engine, contract, dirty, last }: Held<S, O, I>,
  stop: string | undefined,
): Set<string> | undefined {
  if (!last) return undefined;
  const state = engine.state();
  const keys = state === last.state ? [] : contract.touches?.(last.state, state, engine.view);
  if (!keys) return undefined;
  return new Set([...keys, ...dirty, ...(last.stop === stop ? [] : given(last.stop, stop))]);
}

/** Brings the items of `touched` up to the state. */
function* patched<S extends object, O, I extends string>(
  held: Held<S, O, I>,
  touched: ReadonlySet<string>,
  stop: string | undefined,
): Iterable<Part> {
  const { items } = held.rules;
  for (const key of touched) {
    const element = items.elementOf(key);
    const item = element && items.of(element);
    if (item) yield* make(held, item, element, stop);
  }
}

/** Brings all items on the page up to the state; those that were drawn already and are not touched stay as they are. */
function* whole<S extends object, O, I extends string>(
  held: Held<S, O, I>,
  touched: ReadonlySet<string> | undefined,
  stop: string | undefined,
): Iterable<Part> {
  for (const [item, element] of held.rules.items.shown()) {
    const known = touched?.has(item.key) === false ? held.drawn.get(element) : undefined;
    yield* known?.item === item ? known.parts : make(held, item, element, stop);
  }
}

/** A drawing of the items that `rules` say. */
export function drawing<S extends object, O, I extends string>(
  engine: Held<S, O, I>['engine'],
  contract: Held<S, O, I>['contract'],
  ids: IdMaker,
  rules: DrawingRules,
): Drawing {
  const held: Held<S, O, I> = {
    engine,
    contract,
    ids,
    rules,
    drawn: new WeakMap(),
    dirty: new Set(),
    last: undefined,
  };
  const sheet = engine.sheet();
  return {
    touch(...keys) {
      if (!keys.length) held.last = undefined;
      for (const key of keys) held.dirty.add(key);
    },
    draw(stop, isOther) {
      const follows = rules.follows ? rules.follows() : rules.items.items();
      const touched = held.last?.follows === follows ? touchedSince(held, stop) : undefined;
      if (touched && !isOther) sheet.patch(patched(held, touched, stop));
      else sheet.show(whole(held, touched, stop));
      held.dirty.clear();
      held.last = { state: engine.state(), stop, follows };
    },
  };
}
