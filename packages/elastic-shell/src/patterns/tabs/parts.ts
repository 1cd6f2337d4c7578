// Finds the parts of tabs in the markup: the tablist, its tabs, and their panels.
import { elementNamed, isElement } from '../../engine/dom.js';
import { namedBy } from '../../engine/registry.js';
import { type ItemElement, type MarkupItems, markupItems } from '../../list/items.js';

/** The parts of one set of tabs. */
export interface TabParts {
  list: HTMLElement | null;
  items: MarkupItems;
  panelOf(item: ItemElement, at: number): HTMLElement | undefined;
}

const listIn = (root: HTMLElement): HTMLElement | null =>
  root.matches('[role=tablist]') ? root : root.querySelector<HTMLElement>('[role=tablist]');

/** Finds the panels of `root`, without those of nested tabs. */
const panelsIn = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role=tabpanel]')].filter(
    (panel) => !root.contains(panel.parentElement?.closest('[role=tabpanel]') ?? null),
  );

/** Finds panels without ids: by the key of their tab, or by their index. */
interface OwnPanels {
  byKey: Map<string, HTMLElement>;
  inPlace: HTMLElement[];
}

function readPanels(root: HTMLElement): OwnPanels {
  const byKey = new Map<string, HTMLElement>();
  const inPlace: HTMLElement[] = [];
  for (const panel of panelsIn(root)) {
    const { key } = panel.dataset;
    if (key === undefined) inPlace.push(panel);
    else if (!byKey.has(key)) byKey.set(key, panel);
  }
  return { byKey, inPlace };
}

/**
 * Finds the panel of a tab: named by id, with the same key, or at the same index. The panels are read once
 * per list of tabs.
 */
function panelFinder(root: HTMLElement, all: () => readonly ItemElement[]): TabParts['panelOf'] {
  let read: { of: readonly ItemElement[]; panels: OwnPanels } | undefined;
  return ({ element, key }, at) => {
    const tabs = all();
    if (read?.of !== tabs) read = { of: tabs, panels: readPanels(root) };
    const { byKey, inPlace } = read.panels;
    return elementNamed(element, namedBy(element)) ?? byKey.get(key) ?? inPlace[at];
  };
}

const itemsIn = (root: HTMLElement): MarkupItems =>
  markupItems(root, () => {
    const list = listIn(root);
    return [...(list?.querySelectorAll<HTMLElement>('[role=tab]') ?? [])].filter(
      (tab) => tab.closest('[role=tablist]') === list,
    );
  });

/** Finds the parts of `root`, and follows changes of the markup. */
export function tabPartsIn(root: HTMLElement): TabParts {
  const items = itemsIn(root);
  return { list: isElement(root) ? listIn(root) : null, items, panelOf: panelFinder(root, items.all) };
}
