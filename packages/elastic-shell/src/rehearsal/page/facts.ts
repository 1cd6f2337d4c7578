// The facts about one widget, read from the page as assistive technology would.
import { focused, holds, isShown, nameOf, shownText, whileStill } from '../../heard/dom.js';
import { stopsIn } from './focus.js';
import type { Facts, ItemFacts } from '../facts.js';
import type { Widget } from './widgets.js';

const isTrue = (element: Element, name: string): boolean => element.getAttribute(name) === 'true';

/** Returns whether the platform shows it as a modal dialog. jsdom has none. */
const isTopModal = (element: Element): boolean => 'showModal' in element && element.matches(':modal');

function itemFacts(item: HTMLElement): ItemFacts {
  const expanded =
    item.getAttribute('aria-expanded') ??
    (item.localName === 'summary' ? `${item.parentElement?.hasAttribute('open')}` : null);
  return {
    // The first line, because a branch of a tree contains its rows.
    label: (item.getAttribute('aria-label') ?? shownText(item).trim().split('\n')[0] ?? '')
      .replace(/\s+/g, ' ')
      .trim(),
    isDisabled: isTrue(item, 'aria-disabled') || item.matches(':disabled'),
    isSelected: isTrue(item, 'aria-selected'),
    isChecked: isTrue(item, 'aria-checked'),
    expanded: expanded === null ? null : expanded === 'true',
    opens: /^(true|menu)$/.test(item.getAttribute('aria-haspopup') ?? ''),
  };
}

/** Returns the position of the item that has focus, or that the focused element refers to as active. */
function currentOf(items: readonly HTMLElement[]): number {
  const at = focused();
  const active = at?.getAttribute('aria-activedescendant');
  const item = active ? document.getElementById(active) : at;
  // The innermost one, because a branch of a tree contains its rows.
  return active
    ? items.findIndex((each) => each === item)
    : items.findLastIndex((each) => each.contains(item));
}

function focusOf({ root, opener }: Widget): Facts['focus'] {
  const at = focused();
  if (!at || at === document.body || at === document.documentElement) return 'page';
  if (at === opener || (opener && holds(opener, at))) return 'opener';
  return holds(root, at) ? 'inside' : 'elsewhere';
}

/** The visible panels, by their positions and how much is visible. */
const shownOf = ({ panels }: Widget): string =>
  (panels?.() ?? [])
    .map((panel, at) => {
      if (panel.localName === 'details') return panel.hasAttribute('open') ? `${at}` : '';
      const box = panel.getBoundingClientRect();
      const frame = panel.parentElement?.getBoundingClientRect();
      const isInFrame =
        !frame ||
        !panel.matches('[aria-roledescription=slide]') ||
        (box.left + 4 >= frame.left && box.right - 4 <= frame.right);
      return isShown(panel) && isInFrame && !panel.closest('[inert]') ? `${at}` : '';
    })
    .filter(Boolean)
    .join();

/** Returns the value of a field or of a range such as a slider, or the text of another element. */
function valueOf(root: HTMLElement): string {
  if (root instanceof HTMLInputElement || root instanceof HTMLSelectElement) return root.value;
  const said = root.getAttribute('aria-valuetext') ?? root.getAttribute('aria-valuenow');
  return said ?? shownText(root).trim();
}

/** Returns whether a layer has a name that its role announces. */
const hasName = (root: HTMLElement): boolean =>
  root.hasAttribute('aria-label') || (root.getAttribute('aria-labelledby') !== null && nameOf(root) !== '');

/** Fields that use arrow keys, Home or End themselves. */
const keyFields =
  'input:not([type=checkbox],[type=radio],[type=button],[type=submit],[type=reset]),select,textarea,[role=slider],[role=spinbutton]';

/** Returns the current facts. Undefined if the widget is gone. */
export const factsOf = (widget: Widget | undefined): Facts | undefined =>
  widget && whileStill(() => factsNow(widget));

function factsNow(widget: Widget): Facts {
  const { root, opener, pattern } = widget;
  const items = widget.items?.() ?? [];
  const summary = opener ?? root;
  const details = summary.localName === 'summary' ? summary.parentElement : null;
  const shown = shownOf(widget);
  const says = opener?.getAttribute('aria-expanded') ?? (details ? `${details.hasAttribute('open')}` : null);
  const isLayer = /^(dialog|popover|menu|tooltip)$/.test(pattern);
  return {
    isOpen: isLayer ? isShown(root) : pattern === 'combobox' ? shown !== '' : says === 'true',
    isTop: isTopModal(root),
    isModal: isTopModal(root) || isTrue(root, 'aria-modal'),
    mustAnswer: root.getAttribute('role') === 'alertdialog' || root.getAttribute('closedby') === 'none',
    focus: focusOf(widget),
    expanded: says === 'true' || says === 'false' || says === 'mixed' ? says : null,
    hasName: hasName(root),
    items: items.map(itemFacts),
    current: currentOf(items),
    checked: root instanceof HTMLInputElement ? `${root.checked}` : (root.getAttribute('aria-checked') ?? ''),
    value: valueOf(root),
    isVertical: root.getAttribute('aria-orientation') === 'vertical',
    isRtl: getComputedStyle(root).direction === 'rtl',
    holdsStops: isLayer && isShown(root) && stopsIn(root).length > 0,
    isDisabled: isTrue(opener ?? root, 'aria-disabled') || (opener ?? root).matches(':disabled'),
    isTextField:
      root instanceof HTMLInputElement || (pattern === 'toolbar' && !!focused()?.matches(keyFields)),
    isMultiple:
      isTrue(root, 'aria-multiselectable') ||
      (widget.panels?.() ?? []).some((panel) => isTrue(panel, 'aria-multiselectable')),
    shown,
  };
}
