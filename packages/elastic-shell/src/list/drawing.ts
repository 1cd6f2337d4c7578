// Drawing: has the attributes of items and their panels follow the state. What is written follows the change, not the
// number of items: a contract says which keys a step has touched, and those alone are worked out again.
import type { Item } from '../core/collection/items.js';
import type { Attributes, Contract } from '../core/contract/contract.js';
import type { Part } from '../engine/attribute-writer.js';
import type { Engine } from '../engine/service.js';
import type { IdMaker } from '../labels/labels.js';
import type { Items } from './items.js';
import type { Panels } from './panels.js';

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

export function drawing<S extends object, O, I extends string>(
  engine: Pick<Engine<S, O, I>, 'state' | 'view' | 'sheet'>,
  { semantics, touches }: Pick<Contract<S, O, I>, 'semantics' | 'touches'>,
  ids: IdMaker,
  rules: DrawingRules,
): Drawing {
  const { items, panels, holder } = rules;
  const { view } = engine;
  const sheet = engine.sheet();
  const drawn = new WeakMap<Element, Drawn>();
  const dirty = new Set<string>();
  let last: { state: S; stop: string | undefined; follows: unknown } | undefined;

  /** The name and the description of an item that has both. */
  const described = (item: Item, element: HTMLElement): { own: Attributes; more: Part[] } => {
    const more = element.querySelector('[data-description]');
    if (!more) return { own: {}, more: [] };
    const name = element.querySelector('[data-label]');
    const own = {
      'aria-describedby': ids.of(more),
      ...(name ? { 'aria-labelledby': ids.of(name) } : { 'aria-label': item.label ?? item.key }),
    };
    return {
      own,
      more: [name, more].flatMap((part): Part[] => (part ? [[part, ids.attributes(part)]] : [])),
    };
  };

  const partsOf = (item: Item, element: HTMLElement, stop: string | undefined): readonly Part[] => {
    const state = engine.state();
    const { key } = item;
    const link = panels?.linkOf(item);
    view.native = !!link?.isAround;
    view.labelledBy = link && !link.isAround ? ids.of(element) : undefined;
    const { own, more } = panels ? { own: {}, more: [] } : described(item, element);
    const shown = link && {
      ...semantics.panel?.(state, view, key),
      ...rules.panelParts?.(link.panel, key),
    };
    const linked = link && shown && panels?.parts(element, link, shown);
    const attributes: Attributes = {
      ...semantics.item?.(state, view, key),
      ...(!panels && item.disabled && { 'aria-disabled': 'true' }),
      ...own,
      ...(holder ? ids.attributes(element) : !rules.everyStop && { tabindex: key === stop ? '0' : '-1' }),
      ...linked?.own,
      ...rules.itemParts?.(item, element),
    };
    view.native = false;
    view.labelledBy = undefined;
    return [
      [element, attributes],
      ...more,
      ...(linked ? [linked.panel] : []),
      ...(rules.beside?.(item, element) ?? []),
    ];
  };

  const make = (item: Item, element: HTMLElement, stop: string | undefined): readonly Part[] => {
    const parts = partsOf(item, element, stop);
    drawn.set(element, { item, parts });
    return parts;
  };

  /** The keys whose attributes may be others now; undefined for any. */
  const touchedSince = (stop: string | undefined): Set<string> | undefined => {
    if (!last) return undefined;
    const state = engine.state();
    const keys = state === last.state ? [] : touches?.(last.state, state, view);
    if (!keys) return undefined;
    const touched = new Set([...keys, ...dirty]);
    if (last.stop !== stop) for (const key of [last.stop, stop]) if (key !== undefined) touched.add(key);
    return touched;
  };

  return {
    touch(...keys) {
      if (!keys.length) last = undefined;
      for (const key of keys) dirty.add(key);
    },
    draw(stop, isOther) {
      const follows = rules.follows ? rules.follows() : items.items();
      const touched = last?.follows === follows ? touchedSince(stop) : undefined;
      if (touched && !isOther) {
        for (const [key, item] of keyed(items, touched)) {
          const element = items.elementOf(key);
          if (element) sheet.patch(make(item, element, stop));
        }
      } else {
        const all: Part[] = [];
        for (const [item, element] of items.shown()) {
          const known = touched?.has(item.key) === false ? drawn.get(element) : undefined;
          all.push(...(known?.item === item ? known.parts : make(item, element, stop)));
        }
        sheet.show(all);
      }
      dirty.clear();
      last = { state: engine.state(), stop, follows };
    },
  };
}

/** Those of `keys` whose items are on the page. */
function* keyed(items: Items, keys: ReadonlySet<string>): Iterable<[string, Item]> {
  for (const key of keys) {
    const item = items.of(items.elementOf(key) ?? null);
    if (item) yield [key, item];
  }
}
