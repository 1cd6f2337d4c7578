// The accordion: headings whose buttons show and hide the panel under each.
import { expand, type ExpansionRules, heed, isHeldOpen } from '../collection/expansion.js';
import { touchedKeys } from '../collection/touched.js';
import type { ContractWithoutRead, ItemsView, KeyActs } from './contract.js';
import { stepExpansion, type ExpandIntent, expandCommands } from './expanding.js';
import { accordionOptionKinds } from './option-kinds.js';

/** What a program calls on it, by name. */
export const accordionMethods = ['expand', 'collapse'] as const;

/** Its parts, as its notes name them. */
export type AccordionPart = 'root' | 'item' | 'panel' | 'opener';
/** What can be asked of it; `found`: find-in-page has found something in a closed section. */
export type AccordionIntent = ExpandIntent | 'toggle' | 'found';

/** The states of an accordion. */
export interface AccordionState {
  /** The keys of the open sections. */
  expanded: ReadonlySet<string>;
}

/** The options that its contract knows. */
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

/** Up to this many panels are landmarks (role region): among more of them nobody finds the way. */
const mostRegions = 6;

const arrowKeys: KeyActs<AccordionIntent> = {
  'block-next': { to: 'next' },
  'block-previous': { to: 'previous' },
  Home: { to: 'first' },
  End: { to: 'last' },
};

/** What keys do on a header, beside what the browser does. */
export const accordionKeys = ({ arrows }: AccordionChoices): KeyActs<AccordionIntent> =>
  arrows ? arrowKeys : {};

/** Commands, step and semantics of an accordion. Which sections are open at first the pattern reads. */
export const accordion: ContractWithoutRead<AccordionState, AccordionChoices, AccordionIntent> = {
  name: 'accordion',
  fixed: ['elastic'],
  options: accordionOptionKinds,
  commands: expandCommands,
  attributeStates: { hidden: 'expanded', open: 'expanded' },
  /** However it comes, no more are open than may be: an owner's set is no exception. What was opened last stays. */
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
    // The last open section is held open: whether it is may change without its own state.
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
        // Without a role it may have no name.
        ...(items.length <= mostRegions && { role: 'region', 'aria-labelledby': labelledBy ?? null }),
      };
    },
  },
};

const lone = (keys: ReadonlySet<string>): Iterable<string> => (keys.size === 1 ? keys : []);
