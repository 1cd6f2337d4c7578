// The panels of items: which panel belongs to which item, with its label, and how the platform shows it. The
// platform may show a panel by itself: find-in-page with `beforematch`, a `<details>` with `toggle`. Both are
// passed on.
import type { Item } from '../core/collection/items.js';
import type { Attributes } from '../core/contract/contract.js';
import type { Part } from '../engine/attribute-writer.js';
import { isElement } from '../engine/dom.js';
import { listen } from '../events/listen.js';
import type { IdMaker } from '../labels/labels.js';
import type { ItemElement, MarkupItems } from './items.js';

/** How panels are found, and who is notified. */
export interface PanelRules {
  /** Returns the panel of an item, if it has one. */
  panelOf(item: ItemElement, at: number): HTMLElement | undefined;
  /** Returns attributes of a panel, in addition to those of the contract. */
  parts?(panel: HTMLElement, key: string): Attributes | undefined;
  /** Find-in-page has found text in the panel of `key`. */
  found(key: string, event: Event): void;
  /** The platform has opened or closed the `<details>` of an item. */
  toggled?(key: string, open: boolean): void;
}

/** What an item and its panel refer to in each other. */
export interface PanelLink {
  panel: HTMLElement;
  /** The item is inside its own panel, as a `<summary>` is in its `<details>`. */
  isAround: boolean;
}

/** The panels of the items in one root. */
export interface Panels {
  of(key: string): HTMLElement | undefined;
  linkOf(item: Item): PanelLink | undefined;
  /** Returns the attributes that connect an item and its panel. */
  parts(element: HTMLElement, link: PanelLink, shown: Attributes): { own: Attributes; panel: Part };
  release(): void;
}

/** Manages the panels of the items in `root`. */
export function panelsOf(root: HTMLElement, items: MarkupItems, ids: IdMaker, rules: PanelRules): Panels {
  let listed: readonly ItemElement[] | undefined;
  const panels = new Map<string, HTMLElement>();
  const look = (): ReadonlyMap<string, HTMLElement> => {
    const all = items.all();
    if (all === listed) return panels;
    listed = all;
    panels.clear();
    all.forEach((item, at) => {
      const panel = rules.panelOf(item, at);
      if (panel) panels.set(item.key, panel);
    });
    return panels;
  };
  const keyOf = (fits: (panel: HTMLElement) => boolean): string | undefined =>
    [...look()].find(([, panel]) => fits(panel))?.[0];

  const release = listen(
    root,
    {
      beforematch(event) {
        const { target } = event;
        const key = isElement(target) ? keyOf((panel) => panel.contains(target)) : undefined;
        if (key !== undefined) rules.found(key, event);
      },
      toggle({ target }) {
        const key = keyOf((panel) => panel === target);
        if (key !== undefined && isElement(target)) rules.toggled?.(key, target.hasAttribute('open'));
      },
    },
    ['toggle'],
  );
  return {
    of: (key) => look().get(key),
    linkOf(item) {
      const panel = look().get(item.key);
      const element = items.elementOf(item.key);
      return panel && { panel, isAround: panel.contains(element ?? null) };
    },
    parts(element, { panel, isAround }, shown) {
      if (isAround) return { own: {}, panel: [panel, shown] };
      return {
        own: {
          'aria-controls': ids.of(panel),
          ...(shown['aria-labelledby'] && ids.attributes(element)),
        },
        panel: [panel, { ...ids.attributes(panel), ...shown }],
      };
    },
    release,
  };
}
