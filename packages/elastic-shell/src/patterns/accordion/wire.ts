// The accordion on an element: `wireAccordion`.
import { expand, heed, isHeldOpen } from '../../core/collection/expansion.js';
import type { Cell } from '../../core/cell.js';
import {
  accordion,
  type AccordionChoices,
  accordionChoices,
  accordionKeys,
  type AccordionState,
} from '../../core/contract/accordion.js';
import { type Collection, collection } from '../../list/panels.js';
import { type Elastic, elastic } from '../../motion/expand.js';
import { wire } from '../../engine/engine.js';
import { itemsOf } from '../../list/items.js';
import { optionsOf } from '../../engine/options.js';
import { namedBy } from '../../engine/registry.js';
import type { CommonOptions, Wired } from '../../engine/types.js';

export interface AccordionOptions extends CommonOptions, AccordionChoices {
  /** The keys of the open sections, or a cell that is followed and written to. Default: as the markup shows. */
  expanded?: Iterable<string> | Cell<ReadonlySet<string>>;
}

export interface Accordion extends Wired {
  /** The keys of the open sections. A section's key is its button's data-key, else id, else place from 0. */
  readonly expanded: Cell<ReadonlySet<string>>;
  expand(key: string): void;
  collapse(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    accordion: AccordionOptions;
  }
}

const headers = ':is(h1,h2,h3,h4,h5,h6,[role=heading]) button,summary';

const detailsOf = (header: Element): HTMLDetailsElement | undefined =>
  header.localName === 'summary' ? (header.parentElement as HTMLDetailsElement) : undefined;

const findPanel = (header: HTMLElement): HTMLElement | undefined => {
  const details = detailsOf(header);
  if (details) return details;
  const id = namedBy(header);
  const named = id && (header.getRootNode() as Document).getElementById(id);
  return (named || header.closest('h1,h2,h3,h4,h5,h6,[role=heading]')!.nextElementSibling) as HTMLElement;
};

/** The headers of `root` with their panels, but for those inside such a panel: they belong to accordions of their own. */
const own = (root: HTMLElement): Map<HTMLElement, HTMLElement | undefined> => {
  const found = new Map<HTMLElement, HTMLElement | undefined>();
  const panels = new Set<Element | null | undefined>();
  for (const header of root.querySelectorAll<HTMLElement>(headers)) {
    let at = header.parentElement;
    while (at !== root && !panels.has(at)) at = at!.parentElement;
    if (at !== root) continue;
    const panel = findPanel(header);
    found.set(header, panel);
    panels.add(panel);
  }
  return found;
};

/**
 * Wires an accordion. Its sections are buttons in headings, or a run of `<details>`. Follows the
 * WAI-ARIA accordion pattern. Throws a TypeError when `root` is no element or is wired already, or an
 * option's value is unknown.
 */
export function wireAccordion(root: HTMLElement, asked: AccordionOptions = {}): Accordion {
  const options = optionsOf('accordion', asked, accordionChoices);
  const { elastic: axis = 'block' } = options;
  const first = typeof options.expanded === 'string' ? options.expanded.split(/\s+/) : options.expanded;
  let panels: ReturnType<typeof own>;
  const panelOf = (header: HTMLElement): HTMLElement | undefined => panels.get(header);
  const items = itemsOf(root, () => (panels = own(root)).keys());
  const isOpen = (header: HTMLElement): boolean =>
    detailsOf(header)?.open ?? !panelOf(header)?.hasAttribute('hidden');
  const under = (expanded: ReadonlySet<string>): ReadonlySet<string> =>
    heed(
      expanded,
      items.all().map(({ key }) => key),
      options,
    );
  const contract = {
    ...accordion,
    read: () => ({
      expanded: under(
        new Set(
          items
            .all()
            .filter(({ element }) => isOpen(element))
            .map(({ key }) => key),
        ),
      ),
    }),
  };
  const given = first && 'subscribe' in first ? first : first && under(new Set(first));
  let parts: Collection;
  const wired = wire<AccordionState, AccordionChoices & CommonOptions>(
    root,
    contract,
    { ...options, expanded: given } as AccordionChoices,
    (engine) => {
      const moving = new Map<string, Elastic>();
      const keysOf = (): Set<string> => new Set(items.all().map(({ key }) => key));
      /** What comes later is taken up as its markup shows it. */
      let known = keysOf();
      const elasticOf = (key: string, panel: HTMLElement, open: boolean): Elastic | undefined => {
        if (axis === 'none' || panel.localName === 'details') return;
        const mine = moving.get(key) ?? elastic(panel, axis, open, engine.render);
        moving.set(key, mine);
        return mine;
      };
      parts = collection(engine, contract, {
        items,
        panelOf: ({ element }) => panelOf(element),
        keys: () => accordionKeys(options),
        press: 'toggle',
        moves: { reachDisabled: true },
        digest: ({ expanded }, key) =>
          `${expanded.has(key)} ${isHeldOpen(expanded, key, options)} ${moving.get(key)?.phase()}`,
        panelParts: (panel, key) =>
          panel.localName === 'details'
            ? { 'data-elastic': axis === 'none' ? null : axis }
            : elasticOf(key, panel, engine.state().expanded.has(key))?.attributes(),
        changed() {
          const { expanded } = engine.state();
          const fresh = items.all().filter(({ key, element }) => !known.has(key) && isOpen(element));
          known = keysOf();
          if (!fresh.length || (options.exclusive && expanded.size)) return;
          const keys = fresh.slice(0, options.exclusive ? 1 : undefined).map(({ key }) => key);
          engine.change({ expanded: new Set([...expanded, ...keys]) }, { reason: 'native' }, true);
        },
        toggled(key, open) {
          const { expanded } = engine.state();
          engine.change({ expanded: expand(expanded, key, open, options) }, { reason: 'native' }, true);
          engine.render();
        },
      });
      return {
        ...parts,
        show({ value, previous }) {
          const [now, before] = [value, previous] as ReadonlySet<string>[];
          for (const key of new Set([...now!, ...before!])) {
            if (now!.has(key) === before!.has(key)) continue;
            const panel = parts.panelOf(key);
            if (!panel) continue;
            if (!now!.has(key) && panel.contains(root.ownerDocument.activeElement))
              parts.elementOf(key)?.focus();
            elasticOf(key, panel, before!.has(key))?.go(now!.has(key));
          }
          if (axis !== 'none') engine.render();
        },
        release() {
          parts.release!();
          moving.forEach((each) => each.release());
        },
      };
    },
  );
  const turn = (key: string, open: boolean): void =>
    wired.expanded.set(expand(wired.expanded.get(), key, open, options));
  return { ...wired, expand: (key) => turn(key, true), collapse: (key) => turn(key, false) };
}
