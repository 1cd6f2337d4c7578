// Finds the sections of an accordion in the markup: headers that are buttons in headings, or summaries, and
// their panels.
import { elementNamed, isElement } from '../../engine/dom.js';
import { namedBy } from '../../engine/registry.js';
import { type ItemElement, type MarkupItems, markupItems } from '../../list/items.js';

const headings = 'h1,h2,h3,h4,h5,h6,[role=heading]';

const detailsOf = (header: Element): HTMLElement | undefined =>
  header.localName === 'summary' ? (header.parentElement ?? undefined) : undefined;

const findPanel = (header: HTMLElement): HTMLElement | undefined => {
  const next = header.closest(headings)?.nextElementSibling;
  return detailsOf(header) ?? elementNamed(header, namedBy(header)) ?? (isElement(next) ? next : undefined);
};

/**
 * Finds the headers of `root` with their panels. Headers inside one of these panels belong to a nested
 * accordion.
 */
const ownIn = (root: HTMLElement): Map<HTMLElement, HTMLElement | undefined> => {
  const found = new Map<HTMLElement, HTMLElement | undefined>();
  const panels = new Set<Element | null | undefined>();
  for (const header of root.querySelectorAll<HTMLElement>(`:is(${headings}) button,summary`)) {
    let at: Element | null = header.parentElement;
    while (at && at !== root && !panels.has(at)) at = at.parentElement;
    if (at !== root) continue;
    const panel = findPanel(header);
    found.set(header, panel);
    panels.add(panel);
  }
  return found;
};

/** The sections of one accordion. */
export interface Sections {
  items: MarkupItems;
  panelOf(item: ItemElement): HTMLElement | undefined;
  /** Returns whether the markup shows the section open. */
  isOpen(item: ItemElement): boolean;
}

/** Finds the sections of `root` and follows changes of the markup. */
export function sectionsIn(root: HTMLElement): Sections {
  let panels = new Map<HTMLElement, HTMLElement | undefined>();
  const items = markupItems(root, () => (panels = ownIn(root)).keys());
  const panelOf = ({ element }: ItemElement): HTMLElement | undefined => panels.get(element);
  return {
    items,
    panelOf,
    isOpen(item) {
      const details = detailsOf(item.element);
      if (details) return details.hasAttribute('open');
      const panel = panelOf(item);
      // A closing section still shows.
      return !panel?.hasAttribute('hidden') && panel?.dataset['phase'] !== 'closing';
    },
  };
}
