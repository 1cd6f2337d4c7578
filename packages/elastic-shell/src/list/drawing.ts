// Drawing: writes the attributes of items and panels when the state changes. The work depends on the change,
// not on the number of items: the contract names the keys that a step has changed, and only those are
// computed again.
import type { Item } from '../core/collection/items.js';
import { given } from '../core/collection/touched.js';
import type { Attributes, Contract, ItemsView, Writable } from '../core/contract/contract.js';
import type { Part } from '../engine/attribute-writer.js';
import type { Engine } from '../engine/service.js';
import type { IdMaker } from '../labels/labels.js';
import type { Items } from './items.js';
import type { Panels } from './panels.js';

/** What is drawn, and what it depends on. */
export interface DrawingRules {
  items: Items;
  panels?: Panels | undefined;
  /** The element that keeps focus, if the items don't take it. */
  holder?: HTMLElement | undefined;
  /** Whether every item is a tab stop of its own. */
  everyStop?: boolean | undefined;
  /** Attributes of an item, in addition to those of the contract. */
  itemParts?(item: Item, element: HTMLElement): Attributes | undefined;
  /** Attributes of an item's panel, in addition to those of the contract. */
  panelParts?(panel: HTMLElement, key: string): Attributes | undefined;
  /** Other elements that belong to an item. */
  beside?(item: Item, element: HTMLElement): readonly Part[];
  /** Returns what the attributes of all items depend on besides the state. Default: the items themselves. */
  follows?(): unknown;
}

/** The drawing of one list. */
export interface Drawing {
  /**
   * Writes the attributes for the current state. `stop` has the tab stop. `isOther`: the page contains other
   * rows than before.
   */
  draw(stop: string | undefined, isOther: boolean): void;
  /** Marks the attributes of these items, or of all items, as out of date. */
  touch(...keys: readonly string[]): void;
}

/** The attributes that were last written to the element of an item. */
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

/** Returns the attributes of an item, and of the elements that belong to it. */
interface Wanted {
  own: Attributes;
  more: readonly Part[];
}

/** Returns the name and description of an item that has both. */
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

/** Returns the attributes of an item in a list. */
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

/** Returns the attributes of an item with a panel, and of the panel. */
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

/** Returns the keys whose attributes may have changed. Undefined for all. */
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

/** Writes the attributes of the items in `touched`. */
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

/**
 * Writes the attributes of all items on the page. Items that were drawn already and have not changed are
 * skipped.
 */
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

/** Creates the drawing of the items that `rules` define. */
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
