// The collection service: items and their panels, with keys, presses, one tab stop, ids and labels.
// It knows no pattern: what an intent means is the contract's business.
import { type Item, tabStop } from '../core/collection/items.js';
import { move, type MoveRules } from '../core/collection/movement.js';
import type { Attributes, Contract, KeyAct } from '../core/contract/contract.js';
import type { Engine, Service } from '../engine/engine.js';
import type { ItemElement, Items } from './items.js';
import { logicalKey } from '../events/keys.js';
import { idMaker } from '../labels/labels.js';
import type { Change } from '../engine/types.js';

export interface CollectionRules<S extends object> {
  items: Items;
  /** The panel of an item, where it has one. */
  panelOf?(item: ItemElement, at: number): HTMLElement | undefined;
  /** What each key means now. */
  keys(): Readonly<Record<string, KeyAct>>;
  /** The intent of a press on an item. */
  press: string;
  moves?: MoveRules;
  /** Whether an item is there for keys. Default: all are. */
  isThere?(key: string): boolean;
  /** Which item keeps the tab stop while none has focus. Without it every item is one. */
  stop?(state: S): string | undefined;
  /** What of the state the attributes of an item and its panel follow: the same, and they are not made again. */
  digest?(state: S, key: string): string;
  /** More attributes of a panel, on top of the contract's. */
  panelParts?(panel: HTMLElement, key: string): Attributes | undefined;
  /** Items came, went or changed: the state has to follow. */
  changed?(items: readonly Item[]): void;
  /** The platform has opened or closed the `<details>` of an item. */
  toggled?(key: string, open: boolean): void;
}

export interface Collection extends Service {
  elementOf(key: string): HTMLElement | undefined;
  panelOf(key: string): HTMLElement | undefined;
}

export function collection<S extends object, O extends object>(
  engine: Engine<S, O>,
  { semantics }: Pick<Contract<S, string, O>, 'semantics'>,
  rules: CollectionRules<S>,
): Collection {
  const { root, view } = engine;
  const { items } = rules;
  const ids = idMaker();
  const stop = new AbortController();
  const panels = new Map<string, HTMLElement>();

  /** An item with its panel, and what was last wanted of both. */
  interface Pair {
    item: ItemElement;
    panel: HTMLElement | undefined;
    digest?: string | undefined;
    wanted?: (readonly [Element, Attributes])[];
  }
  let listed: readonly ItemElement[] | undefined;
  let pairs: Pair[] = [];
  const pair = (): Pair[] => {
    const all = items.all();
    if (all === listed) return pairs;
    listed = all;
    panels.clear();
    pairs = all.map((item, at) => {
      const panel = rules.panelOf?.(item, at);
      if (panel) panels.set(item.key, panel);
      return { item, panel };
    });
    return pairs;
  };
  const find = (key: string): ItemElement | undefined => items.all().find((item) => item.key === key);
  const there = (): ItemElement[] => items.all().filter(({ key }) => rules.isThere?.(key) ?? true);
  const keyOf = (fits: (panel: HTMLElement) => boolean): string | undefined =>
    [...panels].find(([, panel]) => fits(panel))?.[0];
  const intend = (
    intent: string,
    at: string,
    reason: Change['reason'],
    event: Event,
    source?: Element,
  ): void => {
    view.at = at;
    engine.intend(intent, { reason, event, ...(source && { source }) });
    view.at = undefined;
  };

  const heard: Record<string, (event: never) => void> = {
    keydown(event: KeyboardEvent) {
      const item = items.of(event.target);
      if (!item || event.target !== item.element || event.defaultPrevented) return;
      const act = rules.keys()[logicalKey(event, root) ?? ''];
      if (!act) return;
      event.preventDefault();
      const to = act.move ? move(there(), item.key, act.move, rules.moves) : item.key;
      const target = find(to!) ?? item;
      target.element.focus();
      if (act.intent && (act.move ? target !== item : !item.disabled))
        intend(act.intent, target.key, 'key', event, target.element);
    },
    click(event: MouseEvent) {
      const item = items.of(event.target);
      if (!item || event.defaultPrevented) return;
      const isClosing = (event.target as Element).closest('[data-close]');
      // A <summary> would open and close its <details> by itself.
      event.preventDefault();
      if (!item.disabled)
        intend(
          isClosing ? 'close' : rules.press,
          item.key,
          event.detail ? 'press' : 'key',
          event,
          item.element,
        );
    },
    beforematch(event: Event) {
      const key = keyOf((panel) => panel.contains(event.target as Node));
      if (key !== undefined) intend('found', key, 'found', event);
    },
    toggle({ target }: Event) {
      const key = keyOf((panel) => panel === target);
      if (key !== undefined) rules.toggled?.(key, (target as HTMLDetailsElement).open);
    },
    focusin(event: FocusEvent) {
      const item = items.of(event.target);
      if (view.current === item?.key) return;
      view.current = item?.key;
      if (rules.stop) engine.render();
    },
    focusout(event: FocusEvent) {
      if (items.of(event.relatedTarget)) return;
      view.current = undefined;
      if (rules.stop) engine.render();
    },
  };
  for (const type in heard)
    root.addEventListener(type, heard[type] as EventListener, {
      signal: stop.signal,
      capture: type === 'toggle',
    });
  const unfollow = items.follow(() => {
    view.items = items.all();
    rules.changed?.(view.items);
    engine.render();
  });
  view.items = items.all();

  return {
    elementOf: (key) => find(key)?.element,
    panelOf: (key) => panels.get(key),
    parts() {
      const wanted: (readonly [Element, Attributes | undefined])[] = [];
      const state = engine.state();
      view.items = items.all();
      const at = rules.stop && tabStop(there(), view.current ?? rules.stop(state));
      const seen = { ...view };
      for (const each of pair()) {
        const { item, panel } = each;
        const { key, element } = item;
        const digest = rules.digest && `${key === at} ${rules.digest(state, key)}`;
        if (digest === undefined || digest !== each.digest) {
          each.digest = digest;
          const hasPanel = panel && !(seen.native = panel.contains(element));
          seen.labelledBy = hasPanel ? ids.of(element) : undefined;
          const shown: Attributes | undefined = panel && {
            ...(hasPanel && ids.attributes(panel)),
            ...semantics['panel']?.(state, seen, key),
            ...rules.panelParts?.(panel, key),
          };
          const own: Attributes = {
            ...semantics['item']?.(state, seen, key),
            ...(rules.stop && { tabindex: key === at ? '0' : '-1' }),
            ...(hasPanel && { 'aria-controls': ids.of(panel) }),
            ...(shown?.['aria-labelledby'] && ids.attributes(element)),
          };
          each.wanted = [[element, own], ...(panel ? [[panel, shown!] as const] : [])];
        }
        wanted.push(...each.wanted!);
      }
      return wanted;
    },
    release() {
      stop.abort();
      unfollow();
    },
  };
}
