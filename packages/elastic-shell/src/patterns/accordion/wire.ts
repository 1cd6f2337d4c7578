// Wires an accordion: `wireAccordion`.
import { expand, heed } from '../../core/collection/expansion.js';
import {
  accordion,
  type AccordionChoices,
  type AccordionIntent,
  accordionKeys,
  type AccordionState,
} from '../../core/contract/accordion.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { isCell } from '../../engine/dom.js';
import { type Engine, type Service, wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, CommonOptions, KeysOption, Wired } from '../../engine/types.js';
import { type ExpandMethods, expandMethods } from '../../list/methods.js';
import { list } from '../../list/list.js';
import { firstKeys } from '../../list/rows/source.js';
import { type ExpandMotion, expandMotion } from '../../motion/expand.js';
import { type Sections, sectionsIn } from './sections.js';

/** The options of an accordion. */
export interface AccordionOptions extends CommonOptions<AccordionState>, AccordionChoices {
  /**
   * Sets the keys of the open sections: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { expanded: ['fees'] }
   */
  expanded?: KeysOption;
  /**
   * Called after sections have opened or closed, with the keys of the open sections.
   *
   * @defaultValue none
   * @example { onExpanded: (keys) => save(keys) }
   */
  onExpanded?: (expanded: ReadonlySet<string>) => void;
}

/**
 * A wired accordion: its state `expanded`, and its methods. The key of a section is the `data-key`, `id` or
 * index of its button, in that order.
 */
export interface Accordion extends Wired<AccordionOptions>, Cells<AccordionState>, ExpandMethods {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireAccordion`. */
    accordion: AccordionOptions;
  }
}
registerPattern(accordion.name, accordion.options, wireAccordion);

type AccordionEngine = Engine<AccordionState, AccordionOptions, AccordionIntent>;

/** The panels that animate, each with its own motion. */
function motionsOf(engine: AccordionEngine, touch: (key: string) => void) {
  const { elastic: axis = 'block' } = engine.options;
  const moving = new Map<string, ExpandMotion>();
  return {
    axis,
    /** Returns the motion of a panel in its present state. */
    of(key: string, panel: HTMLElement, open: boolean): ExpandMotion | undefined {
      if (axis === 'none') return undefined;
      const known = moving.get(key);
      if (known) return known;
      const motion = expandMotion(panel, axis, open, () => {
        touch(key);
        engine.render();
      });
      moving.set(key, motion);
      return motion;
    },
    release: () => moving.forEach((motion) => motion.release()),
  };
}

function serve(engine: AccordionEngine, { items, panelOf, isOpen }: Sections): Service<AccordionState> {
  const { root, options } = engine;
  const motions = motionsOf(engine, (key) => parts.touch(key));
  const keysIn = (): Set<string> => new Set(items.all().map(({ key }) => key));
  /** A section that was added later starts as its markup shows it. */
  let known = keysIn();
  const settled = (expanded: ReadonlySet<string>): void =>
    engine.change({ expanded }, { reason: 'native' }, true);
  const takeUp = (): void => {
    const { expanded } = engine.state();
    // If the set is controlled, its owner decides which sections are open.
    if (isCell(options.expanded)) return void (known = keysIn());
    const fresh = items.all().filter((item) => !known.has(item.key) && isOpen(item));
    known = keysIn();
    if (!fresh.length || (options.exclusive && expanded.size)) return;
    settled(
      new Set([...expanded, ...fresh.slice(0, options.exclusive ? 1 : undefined).map(({ key }) => key)]),
    );
  };
  const parts = list(engine, accordion, {
    items,
    stop: 'every',
    moves: { reachDisabled: true },
    keys: () => accordionKeys(options),
    press(event) {
      // Otherwise a <summary> would open and close its <details> itself.
      event.preventDefault();
      return 'toggle';
    },
    panels: {
      items,
      panelOf,
      parts: (panel, key) => motions.of(key, panel, engine.state().expanded.has(key))?.attributes(),
      found: (key, event) => engine.intend('found', { reason: 'found', event }, key),
      toggled(key, open) {
        settled(expand(engine.state().expanded, key, open, options));
        // A section that may not close is opened again.
        parts.touch(key);
        engine.render();
      },
    },
    changed: takeUp,
  });
  return {
    ...parts,
    show({ value: now, previous: before }) {
      for (const key of new Set([...now, ...before])) {
        const panel = now.has(key) === before.has(key) ? undefined : parts.panelOf(key);
        if (!panel) continue;
        const { activeElement } = root.ownerDocument;
        if (!now.has(key) && panel.contains(activeElement)) items.elementOf(key)?.focus();
        motions.of(key, panel, before.has(key))?.go(now.has(key));
        parts.touch(key);
      }
      if (motions.axis !== 'none') engine.render();
    },
    release() {
      parts.release();
      motions.release();
    },
  };
}

/**
 * Wires an accordion. Its sections are buttons in headings, or consecutive `<details>` elements. Follows the
 * WAI-ARIA accordion pattern.
 *
 * @param root - The element that contains the sections.
 * @param own - The options.
 * @returns The wired accordion.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireAccordion(root: HTMLElement, own?: AccordionOptions): Accordion {
  const options = optionsOf(accordion, own, root);
  const sections = sectionsIn(root);
  const { items, isOpen } = sections;
  /** Never more sections than the options allow. */
  const under = (expanded: ReadonlySet<string>): ReadonlySet<string> =>
    heed(
      expanded,
      items.all().map(({ key }) => key),
      options,
    );
  const read = (): AccordionState => ({
    expanded: under(new Set(items.all().flatMap((item) => (isOpen(item) ? [item.key] : [])))),
  });
  const first = firstKeys(options.expanded);
  const given = { ...options, ...(first && { expanded: isCell(first) ? first : under(first) }) };
  let methods: ExpandMethods | undefined;
  const wired = wire<AccordionState, AccordionOptions, AccordionIntent>(
    root,
    { ...accordion, read },
    given,
    (engine) => {
      methods = expandMethods((intent, key) => engine.intend(intent, { reason: 'program' }, key));
      return serve(engine, sections);
    },
  );
  return keepWired({
    ...wired,
    expand: (key) => methods?.expand(key),
    collapse: (key) => methods?.collapse(key),
  });
}
