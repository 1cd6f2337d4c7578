// The widget that a test is about, as the checks of its contract see it.
import { outlines } from '../described/facets.js';
import { descriptionOf } from '../described/description.js';
import { nameOf } from '../heard/dom.js';
import { checkedNames } from '../rehearsal/registry.js';
import type { Found } from '../rehearsal/facts.js';
import { find } from '../rehearsal/page/find.js';
import { type Widget, widgets } from '../rehearsal/page/widgets.js';
import { described } from '../engine/dom.js';
import { invokersOf } from '../engine/invoker-index.js';
import { wiredRun } from '../engine/registry.js';

/** The name of a pattern that has checks: a built-in one, or a described one of your own. A drawer is checked as a dialog or a popover. */
export type ContractName = keyof typeof outlines | 'select' | (string & Record<never, never>);

const checked = (): string[] => [...checkedNames(), 'drawer'];

/** The names under which the finders may know a pattern. */
const under = (name: string): readonly string[] => (name === 'drawer' ? ['dialog', 'popover'] : [name]);

const holds = (outer: Element | undefined, inner: Element): boolean => !!outer && outer.contains(inner);

/** Returns whether a widget that was found is the one at `root`. */
const isAt = (root: Element, { root: own, opener, panels }: Widget): boolean =>
  own === root ||
  opener === root ||
  root.contains(own) ||
  holds(own, root) ||
  !!panels?.().some((panel) => panel === root);

/** Throws a TypeError if no pattern with checks has that name. */
export function checkName(name: string): void {
  const names = checked();
  if (!names.includes(name))
    throw new TypeError(`elastic-shell: the pattern "${name}" has no checks; there are ${names.join(', ')}`);
}

/** Returns the wired root at an element, or inside it, of a pattern that the finders don't know. */
function ownWidget(root: Element, pattern: string): { found: Found; widget: Widget } | undefined {
  const wired = [root, ...root.querySelectorAll('*')].find(
    (each) => wiredRun(each)?.contract.name === pattern,
  );
  if (!(wired instanceof HTMLElement)) return undefined;
  const opener = invokersOf(wired)[0];
  const { items: selector } = descriptionOf(pattern) ?? {};
  const items = (): HTMLElement[] =>
    selector === undefined ? [] : [...wired.querySelectorAll<HTMLElement>(selector)];
  const widget: Widget = {
    pattern,
    kind: pattern,
    name: nameOf(wired),
    root: wired,
    opener,
    ...(selector !== undefined && {
      items,
      // Returns the item with the tab stop, unless that is the root.
      stop: () =>
        wired.tabIndex === 0 ? wired : (items().find(({ tabIndex }) => tabIndex === 0) ?? items()[0]),
    }),
  };
  const { kind, name } = widget;
  return { found: { id: -1, pattern, kind, name, hasOpener: !!opener }, widget };
}

/**
 * Returns the widget at `root`: its outermost element, or its opener. Without a name, the pattern that is
 * wired there is used. Throws an Error if there is none.
 */
export function widgetAt(root: Element, name?: ContractName): { found: Found; widget: Widget } {
  const wired = wiredRun(root)?.contract.name;
  const asked = name ?? (wired !== undefined && checked().includes(wired) ? wired : undefined);
  const all = find();
  const wanted = asked === undefined ? undefined : under(asked);
  const fits = all.flatMap((found) => {
    const widget = widgets[found.id];
    return widget && (wanted?.includes(found.pattern) ?? true) && isAt(root, widget)
      ? [{ found, widget }]
      : [];
  });
  // An exact match comes before a widget that contains the element, or is inside it.
  const best = fits.find(({ widget }) => widget.root === root || widget.opener === root) ?? fits[0];
  // The finders know the built-in patterns.
  const own =
    best ?? (asked === undefined || Object.hasOwn(outlines, asked) ? undefined : ownWidget(root, asked));
  if (own) return own;
  const hint = 'showPopover' in root ? '' : '; if the platform has no popovers, call setUpPlatform() first';
  const there = [...new Set(all.map(({ pattern }) => pattern))].join(', ') || 'nothing';
  throw new Error(
    `elastic-shell: found no visible ${asked ?? 'widget'} at ${described(root)}; the page has ${there}${hint}`,
  );
}
