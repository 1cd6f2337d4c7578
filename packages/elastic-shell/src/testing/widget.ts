// The widget of a page that a test is about, as the rows of its contract see it.
import type { Found, PatternName } from '../rehearsal/facts.js';
import { rowsOf } from '../rehearsal/rows/index.js';
import { find } from '../rehearsal/page/find.js';
import { type Widget, widgets } from '../rehearsal/page/widgets.js';
import { described } from '../engine/dom.js';
import { wiredRun } from '../engine/registry.js';

/** The patterns that rows are kept of; a drawer is a dialog or a popover. */
export type ContractName = PatternName | 'drawer';

const names = [...Object.keys(rowsOf), 'drawer'];

/** The names that a finder may know a pattern by. */
const under = (name: string): readonly string[] => (name === 'drawer' ? ['dialog', 'popover'] : [name]);

const holds = (outer: Element | undefined, inner: Element): boolean => !!outer && outer.contains(inner);

/** Whether a widget that was found is the one at `root`. */
const isAt = (root: Element, { root: own, opener, panels }: Widget): boolean =>
  own === root ||
  opener === root ||
  root.contains(own) ||
  holds(own, root) ||
  !!panels?.().some((panel) => panel === root);

/** Throws a TypeError where a name is no pattern that rows are kept of. */
export function checkName(name: string): void {
  if (!names.includes(name))
    throw new TypeError(
      `elastic-shell: there are no rows of a pattern "${name}"; there are ${names.join(', ')}`,
    );
}

/**
 * The widget at `root`: the outermost element of it, or its opener. Without a name any is meant; what is wired there says which.
 * Throws an Error where there is none.
 */
export function widgetAt(root: Element, name?: ContractName): { found: Found; widget: Widget } {
  const wired = wiredRun(root)?.contract.name;
  const asked = name ?? (wired !== undefined && names.includes(wired) ? wired : undefined);
  const all = find();
  const wanted = asked === undefined ? undefined : under(asked);
  const fits = all.flatMap((found) => {
    const widget = widgets[found.id];
    return widget && (wanted?.includes(found.pattern) ?? true) && isAt(root, widget)
      ? [{ found, widget }]
      : [];
  });
  // What is exactly there counts before what only holds it, or stands in it.
  const best = fits.find(({ widget }) => widget.root === root || widget.opener === root) ?? fits[0];
  if (best) return best;
  const hint =
    'showPopover' in root ? '' : '; where the platform has no popovers, call setUpPlatform() first';
  const there = [...new Set(all.map(({ pattern }) => pattern))].join(', ') || 'nothing';
  throw new Error(
    `elastic-shell: at ${described(root)} there is no ${asked ?? 'widget'} that shows; on the page there is ${there}${hint}`,
  );
}
