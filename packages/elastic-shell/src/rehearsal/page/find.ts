// Finds the widgets of a page by their roles and standard elements, whichever library built them.
import { allOf, holds, isShown, nameOf, namedBy, roleOf, whileStill } from '../../heard/dom.js';
import { bars } from './bars.js';
import { layers } from './layers.js';
import type { Found } from '../facts.js';
import { type Widget, widgets } from './widgets.js';

/** Returns the visible items of a list, without those of nested lists. */
function itemsIn(root: HTMLElement, selector: string, owner: string): HTMLElement[] {
  // An element may contain many items.
  const owners = new Map<Element, Element | null>();
  const ownerOf = (item: Element): Element | null | undefined => {
    const { parentElement } = item;
    if (!parentElement) return undefined;
    const known = owners.get(parentElement) ?? parentElement.closest(owner);
    owners.set(parentElement, known);
    return known;
  };
  return whileStill(() => allOf(selector, root).filter((item) => ownerOf(item) === root && isShown(item)));
}

const stopOf = (items: readonly HTMLElement[]): HTMLElement | undefined =>
  items.find((item) => item.tabIndex === 0) ?? items[0];

/** Lists with one tab stop: tabs, trees, listboxes on their own. */
function lists(): Widget[] {
  const found: Widget[] = [];
  for (const root of allOf('[role=tablist],[role=tree],[role=listbox]').filter(isShown)) {
    const role = roleOf(root);
    // The list of a combobox is checked together with it.
    const isPopup = allOf('[role=combobox]').some((box) => namedBy(box, 'aria-controls').includes(root));
    if (role === 'listbox' && (isPopup || root.closest('[popover]'))) continue;
    const isTree = role === 'tree';
    const selector = isTree ? '[role=treeitem]' : role === 'tablist' ? '[role=tab]' : '[role=option]';
    const items = (): HTMLElement[] => itemsIn(root, selector, `[role=${role}]`);
    if (!items().length) continue;
    found.push({
      pattern: role === 'tablist' ? 'tabs' : isTree ? 'tree' : 'listbox',
      kind: role === 'tablist' ? 'tabs' : role,
      name: nameOf(root),
      root,
      items,
      stop: () => {
        const own = items();
        return root.tabIndex === 0 ? root : stopOf(own);
      },
      ...(role === 'tablist' && {
        panels: () => items().flatMap((tab) => namedBy(tab, 'aria-controls')),
      }),
    });
  }
  return found;
}

/** Fields with a list, and the platform's own. */
function fields(): Widget[] {
  const boxes = allOf('[role=combobox]').filter((box) => isShown(box) && box.localName !== 'select');
  const comboboxes = boxes.map((root): Widget => {
    const listOf = (): HTMLElement | undefined =>
      [...namedBy(root, 'aria-controls'), ...namedBy(root, 'aria-owns')].find(
        (each) => each instanceof HTMLElement,
      );
    return {
      pattern: 'combobox',
      kind: root instanceof HTMLInputElement ? 'combobox' : 'combobox to choose only',
      name: nameOf(root),
      root,
      opener: root,
      items: () => {
        const list = listOf();
        return list && isShown(list) ? allOf('[role=option]', list).filter(isShown) : [];
      },
      stop: () => root,
      panels: () => [listOf() ?? root].filter((list) => list !== root),
    };
  });
  const selects = allOf('select:not([multiple])').filter(
    (each) => isShown(each) && !(Number(each.getAttribute('size')) > 1),
  );
  return [
    ...comboboxes,
    ...selects.map((root): Widget => ({
      pattern: 'select',
      kind: 'select',
      name: nameOf(root),
      root,
      opener: root,
      stop: () => root,
    })),
  ];
}

const switches = (): Widget[] =>
  allOf('[role=switch]')
    .filter((root) => isShown(root))
    .map((root) => ({
      pattern: 'switch',
      kind: 'switch',
      name: nameOf(root),
      root,
      opener: root,
      stop: () => root,
    }));

/**
 * Buttons and summaries that show something in place. Several under headings of one parent are an accordion.
 */
function disclosures(): Widget[] {
  const openers = allOf('button[aria-expanded],[role=button][aria-expanded],summary').filter(
    (opener) =>
      isShown(opener) &&
      !opener.hasAttribute('aria-haspopup') &&
      (opener.localName !== 'summary' || opener.parentElement?.localName === 'details'),
  );
  const groups = new Map<Element, HTMLElement[]>();
  const found: Widget[] = [];
  for (const opener of openers) {
    const panels = namedBy(opener, 'aria-controls');
    if (panels.some((panel) => panel.matches('[popover],dialog,[role=dialog],[role=menu],[role=listbox]')))
      continue;
    // The button next to a combobox opens the same list.
    const isBeside = opener.tabIndex < 0 && opener.parentElement?.querySelector('[role=combobox]');
    if (isBeside || opener.closest('[role=menu],[role=listbox],[role=tree]')) continue;
    const details = opener.localName === 'summary' ? opener.parentElement : null;
    const section = details ?? opener.closest('h1,h2,h3,h4,h5,h6,[role=heading]');
    const group = section?.parentElement;
    if (group) groups.set(group, [...(groups.get(group) ?? []), opener]);
    else found.push(disclosureOf(opener));
  }
  for (const [group, items] of groups)
    if (items.length < 2) found.push(...items.map(disclosureOf));
    else if (group instanceof HTMLElement)
      found.push({
        pattern: 'accordion',
        kind: 'accordion',
        name: nameOf(group) || nameOf(items[0]),
        root: group,
        opener: items[0],
        items: () => items,
        stop: () => items[0],
        panels: () => items.flatMap(panelsOf),
      });
  return found;
}

const panelsOf = (opener: HTMLElement): Element[] =>
  opener.localName === 'summary' && opener.parentElement
    ? [opener.parentElement]
    : namedBy(opener, 'aria-controls');

const disclosureOf = (opener: HTMLElement): Widget => ({
  pattern: 'disclosure',
  kind: opener.localName === 'summary' ? 'details' : 'disclosure',
  name: nameOf(opener),
  root: opener,
  opener,
  stop: () => opener,
  panels: () => panelsOf(opener),
});

const carousels = (): Widget[] =>
  allOf('[aria-roledescription=carousel]')
    .filter(isShown)
    .map((root) => ({
      pattern: 'carousel',
      kind: 'carousel',
      name: nameOf(root),
      root,
      items: () => allOf('[aria-roledescription=slide]', root),
      panels: () => allOf('[aria-roledescription=slide]', root),
    }));

/** Finds every widget, in document order. */
export const find = (): Found[] => whileStill(findAll);

function findAll(): Found[] {
  widgets.length = 0;
  const found = [
    ...lists(),
    ...fields(),
    ...switches(),
    ...disclosures(),
    ...carousels(),
    ...layers(),
    ...bars(),
  ];
  // Tabs that choose slides are part of their carousel.
  const own = found.filter(
    (each) =>
      each.pattern !== 'tabs' ||
      !found.some((other) => other.pattern === 'carousel' && holds(other.root, each.root)),
  );
  const placeOf = (widget: Widget): HTMLElement => widget.opener ?? widget.root;
  own.sort((one, other) => (placeOf(one).compareDocumentPosition(placeOf(other)) & 4 ? -1 : 1));
  widgets.push(...own);
  return widgets.map(({ pattern, kind, name, opener }, id) => ({
    id,
    pattern,
    kind,
    name,
    hasOpener: !!opener && isShown(opener),
  }));
}
