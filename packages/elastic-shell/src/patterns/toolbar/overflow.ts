// Overflow: buttons that don't fit into a toolbar are hidden from the end, and a menu lists them. The
// buttons stay in place, because a framework may own them. An item of the menu clicks its button, and shows
// whether the button is pressed or disabled.
import type { Part } from '../../engine/attribute-writer.js';
import { closestTo, elementNamed, isCell } from '../../engine/dom.js';
import { markMade } from '../../engine/made.js';
import { namedBy, wiredOf } from '../../engine/registry.js';
import type { Service } from '../../engine/service.js';
import { listen } from '../../events/listen.js';
import { onResize } from '../../events/resize.js';
import { activeIn, focusOn } from '../../focus/focusable.js';
import type { ItemElement, MarkupItems } from '../../list/items.js';
import type { ToolbarState } from '../../core/contract/toolbar.js';
import type { ToolbarEngine } from './wire.js';

/**
 * Returns whether an item can move into the menu: it is a button that opens nothing. Fields and openers stay
 * in the toolbar.
 */
const canMove = ({ element }: ItemElement): boolean =>
  element.matches('button,[role=button],[role=checkbox],[role=switch]') &&
  !element.matches('[data-more],[aria-haspopup],[aria-expanded],[popovertarget]');

/** The menu item of one button. */
function rowOf({ element, key, label }: ItemElement): HTMLElement {
  const row = element.ownerDocument.createElement('button');
  markMade(row);
  const checked = element.ariaPressed ?? element.ariaChecked;
  row.type = 'button';
  row.dataset['key'] = key;
  row.textContent = label;
  row.setAttribute('role', checked === null ? 'menuitem' : 'menuitemcheckbox');
  if (checked !== null) row.setAttribute('aria-checked', checked);
  if (element.matches(':disabled,[aria-disabled=true]')) row.setAttribute('aria-disabled', 'true');
  return row;
}

/** The visible state of one toolbar. */
interface Held {
  engine: ToolbarEngine;
  items: MarkupItems;
  more: HTMLElement;
  menu: HTMLElement;
  /** The keys of the hidden items. */
  hidden: ReadonlySet<string>;
}

const marked = (element: Element, isHidden: boolean): Part => [
  element,
  { 'data-overflowed': isHidden ? '' : null },
];

/** The separators, and whether everything after them is hidden. */
function separatorParts({ engine, items, hidden, more }: Held): Part[] {
  const shown = items.all().filter(({ key, element }) => !hidden.has(key) && element !== more);
  return [...engine.root.querySelectorAll('[role=separator],hr')].map((separator) => {
    const isLast = !shown.some(
      ({ element }) => separator.compareDocumentPosition(element) & Node.DOCUMENT_POSITION_FOLLOWING,
    );
    return marked(separator, hidden.size > 0 && isLast);
  });
}

/** Returns the keys of the items to hide, from the end, while all of them are visible. */
function withoutRoom({ engine, items, more }: Held): ReadonlySet<string> {
  const { root } = engine;
  const isVertical = root.ariaOrientation === 'vertical';
  const tooLong = (): number =>
    isVertical ? root.scrollHeight - root.clientHeight : root.scrollWidth - root.clientWidth;
  const gone = new Set<string>();
  more.hidden = true;
  if (tooLong() > 0) {
    more.hidden = false;
    for (const item of items.all().toReversed()) {
      if (tooLong() <= 0) break;
      if (!canMove(item)) continue;
      item.element.toggleAttribute('data-overflowed', true);
      gone.add(item.key);
    }
  }
  return gone;
}

const isSame = (one: ReadonlySet<string>, other: ReadonlySet<string>): boolean =>
  one.size === other.size && [...one].every((key) => other.has(key));

/** Lists the hidden buttons in the menu, with their current states. */
function fill({ items, menu, hidden }: Held): void {
  const rows = items
    .all()
    .filter(({ key }) => hidden.has(key))
    .map(rowOf);
  menu.replaceChildren(...rows);
  const wired = wiredOf(menu);
  const checked = rows.flatMap((row) => (row.ariaChecked === 'true' ? (row.dataset['key'] ?? []) : []));
  // The checked items are a state of the menu.
  if (wired && 'checked' in wired && isCell<ReadonlySet<string>>(wired.checked))
    wired.checked.set(new Set(checked));
}

/** Shows everything, measures, and hides the items that don't fit. */
function fit(held: Held): void {
  const { engine, items, more } = held;
  const before = held.hidden;
  const active = activeIn(engine.root);
  const hadFocus = items.of(active)?.key;
  const elements = items.all().map(({ element }) => element);
  const marks = elements.filter((element) => element.hasAttribute('data-overflowed'));
  const isHidden = more.hidden;
  // It is measured with all items visible and then restored, because only the engine writes attributes.
  // Nothing is painted in between.
  for (const element of marks) element.removeAttribute('data-overflowed');
  const gone = withoutRoom(held);
  more.hidden = isHidden;
  for (const element of elements) element.toggleAttribute('data-overflowed', marks.includes(element));
  // An element that is hidden for measuring loses focus.
  if (active !== activeIn(engine.root)) focusOn(active);
  if (isSame(gone, before)) return;
  held.hidden = gone;
  fill(held);
  engine.render();
  engine.flush();
  if (hadFocus !== undefined && gone.has(hadFocus)) focusOn(more);
  else if (active === more && !gone.size) focusOn(items.all().at(0)?.element);
}

/** Runs the overflow of a toolbar. Without a button with `data-more` that names a menu, it does nothing. */
export function overflow(engine: ToolbarEngine, items: MarkupItems): Service<ToolbarState> {
  const { root } = engine;
  const more = root.querySelector<HTMLElement>('[data-more]');
  const menu = more && elementNamed(more, namedBy(more));
  if (!more || !menu) return {};
  const held: Held = { engine, items, more, menu, hidden: new Set() };
  const stopHearing = listen(menu, {
    click(event) {
      const row = closestTo(event, '[role^=menuitem]');
      if (row?.ariaDisabled !== 'true') items.elementOf(row?.dataset['key'])?.click();
      // The click may not have had the effect that the menu expected.
      fill(held);
    },
  });
  const stop = onResize([root], () => fit(held));
  const observer = new MutationObserver(() => {
    if (held.hidden.size) fill(held);
  });
  observer.observe(root, {
    subtree: true,
    attributeFilter: ['aria-pressed', 'aria-checked', 'disabled', 'aria-disabled', 'aria-label'],
  });
  queueMicrotask(() => fit(held));
  return {
    parts: () => [
      ...items
        .all()
        .flatMap(({ key, element }) => (element === more ? [] : [marked(element, held.hidden.has(key))])),
      ...separatorParts(held),
      [more, { hidden: held.hidden.size ? null : '' }],
    ],
    release() {
      stop();
      observer.disconnect();
      stopHearing();
      menu.replaceChildren();
    },
  };
}
