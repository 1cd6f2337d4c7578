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

/** The panel of a tab: named by id, or with its key, or in its place. */
const findPanel = (root: HTMLElement, { element, key }: ItemElement, at: number): HTMLElement | undefined => {
  const panels = panelsIn(root);
  return (
    elementNamed(element, namedBy(element)) ??
    panels.find(({ dataset }) => dataset['key'] === key) ??
    panels.filter(({ dataset }) => dataset['key'] === undefined)[at]
  );
};

/** The parts of `root`, kept current. */
export const tabPartsIn = (root: HTMLElement): TabParts => ({
  list: isElement(root) ? listIn(root) : null,
  items: markupItems(root, () => {
    const list = listIn(root);
    return [...(list?.querySelectorAll<HTMLElement>('[role=tab]') ?? [])].filter(
      (tab) => tab.closest('[role=tablist]') === list,
    );
  }),
  panelOf: (item, at) => findPanel(root, item, at),
});
