// The parts of tabs in the author's markup: the tablist, its tabs, and the panel of each.
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

/** The own panels of `root`, without those of tabs inside a panel. */
const panelsIn = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role=tabpanel]')].filter(
    (panel) => !root.contains(panel.parentElement?.closest('[role=tabpanel]') ?? null),
  );

/** The panels that no id has to name: by the key of their tab, and those without one by their place. */
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

/** Finds the panel of a tab: named by id, or with its key, or in its place. The panels are read once for each list of tabs. */
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

/** The parts of `root`, kept current. */
export function tabPartsIn(root: HTMLElement): TabParts {
  const items = itemsIn(root);
  return { list: isElement(root) ? listIn(root) : null, items, panelOf: panelFinder(root, items.all) };
}
