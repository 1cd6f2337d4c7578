// The accordion: headings with buttons that show and hide the panel below each.
import { expand, type ExpansionRules, heed, isHeldOpen } from '../collection/expansion.js';
import { touchedKeys } from '../collection/touched.js';
import type { ContractWithoutRead, ItemsView, KeyActs } from './contract.js';
import { stepExpansion, type ExpandIntent, expandCommands } from './expanding.js';
import { accordionOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const accordionMethods = ['expand', 'collapse'] as const;

/** Its parts, as in its notes. */
export type AccordionPart = 'root' | 'item' | 'panel' | 'opener';
/** Its intents. `found`: find-in-page has found text in a closed section. */
export type AccordionIntent = ExpandIntent | 'toggle' | 'found';

/** The states of an accordion. */
export interface AccordionState {
  /** The keys of the open sections. */
  expanded: ReadonlySet<string>;
}

/** The options that its contract reads. */
export interface AccordionChoices extends ExpansionRules {
  /**
   * Specifies whether the arrow keys, Home and End move between the headers.
   *
   * @defaultValue false
   * @example { arrows: true }
   */
  arrows?: boolean;
  /**
   * Sets how panels open: animating to their measured height (`block`) or width (`inline`), or without
   * animation. Requires structure.css.
   *
   * @defaultValue `block`
   * @example { elastic: 'none' }
   */
  elastic?: 'block' | 'inline' | 'none';
}

/**
 * With more panels than this, panels aren't landmarks (role region), because too many landmarks are useless.
 */
const mostRegions = 6;

const arrowKeys: KeyActs<AccordionIntent> = {
  'block-next': { to: 'next' },
  'block-previous': { to: 'previous' },
  Home: { to: 'first' },
  End: { to: 'last' },
};

/** The keys of a header, in addition to those of the browser. */
export const accordionKeys = ({ arrows }: AccordionChoices): KeyActs<AccordionIntent> =>
  arrows ? arrowKeys : {};

/** The commands, step and semantics of an accordion. The pattern reads which sections are initially open. */
export const accordion: ContractWithoutRead<AccordionState, AccordionChoices, AccordionIntent> = {
  name: 'accordion',
  fixed: ['elastic'],
  options: accordionOptionKinds,
  commands: expandCommands,
  attributeStates: { hidden: 'expanded', open: 'expanded' },
  /**
   * Never more sections are open than the options allow, even in a controlled set. The one opened last stays
   * open.
   */
  correct(state, { items, options }, before) {
    const { expanded } = state;
    const { exclusive, keepOne } = options;
    const isWithin = (!exclusive || expanded.size <= 1) && (!keepOne || expanded.size > 0);
    if (isWithin || !items.length) return state;
    const fresh = [...expanded].filter((key) => !before.expanded.has(key));
    const order = items.map(({ key }) => key);
    return { expanded: heed(fresh.length ? new Set(fresh) : expanded, order, options) };
  },
  step(state, intent, { at, items, options }) {
    if (intent === 'found') return { expanded: expand(state.expanded, at ?? '', true, options) };
    const expanded = stepExpansion(
      state.expanded,
      intent,
      at,
      items.map(({ key }) => key),
      options,
    );
    return expanded === state.expanded ? state : { expanded };
  },
  touches({ expanded: before }, { expanded: after }, { options }) {
    const keys = touchedKeys(before, after);
    // Whether the last open section is kept open may change without a change of state.
    return options.keepOne ? [...keys, ...lone(before), ...lone(after)] : keys;
  },
  semantics: {
    root: () => ({ 'data-wired': 'accordion' }),
    item: ({ expanded }, { options, native }: ItemsView<AccordionChoices>, key) => ({
      ...(!native && { 'aria-expanded': `${expanded.has(key)}` }),
      ...(isHeldOpen(expanded, key, options) && { 'aria-disabled': 'true' }),
    }),
    panel({ expanded }, { labelledBy, items, native }: ItemsView, key) {
      if (native) return { open: expanded.has(key) ? '' : null };
      return {
        hidden: expanded.has(key) ? null : 'until-found',
        // An element without a role can't have a name.
        ...(items.length <= mostRegions && { role: 'region', 'aria-labelledby': labelledBy ?? null }),
      };
    },
  },
};

const lone = (keys: ReadonlySet<string>): Iterable<string> => (keys.size === 1 ? keys : []);
