// The accordion: headings whose buttons show and hide the panel under each.
import { expand, type ExpansionRules, isHeldOpen } from '../collection/expansion.js';
import type { Contract, KeyAct, Notes } from './contract.js';
import { guardOption, onChangeOption } from './openable.js';

export type AccordionPart = 'root' | 'item' | 'panel';

export interface AccordionState {
  /** The keys of the open sections. */
  expanded: ReadonlySet<string>;
}

export interface AccordionChoices extends ExpansionRules {
  /** Arrow keys, Home and End move between the headers. Default: false. */
  arrows?: boolean;
  /** How panels open: by their measured height, by their width, or at once. Default: `block`. */
  elastic?: 'block' | 'inline' | 'none';
}

/** The vocabulary of its options. */
export const accordionChoices = { elastic: ['block', 'inline', 'none'] } as const;

/** More panels than these are no landmarks: a page of regions helps nobody. */
const mostRegions = 6;

const movement: Record<string, KeyAct> = {
  'block-next': { move: 'next' },
  'block-previous': { move: 'previous' },
  Home: { move: 'first' },
  End: { move: 'last' },
};

export const accordionKeys = ({ arrows }: AccordionChoices): Record<string, KeyAct> =>
  arrows ? movement : {};

/** Step and semantics of an accordion. Which sections are open at first the pattern reads. */
export const accordion: Omit<Contract<AccordionState, AccordionPart, AccordionChoices>, 'read'> = {
  name: 'accordion',
  commands: {},
  step(state, intent, { at, options }) {
    if (at === undefined) return state;
    const open = intent === 'toggle' ? !state.expanded.has(at) : intent === 'open' || intent === 'found';
    const expanded = expand(state.expanded, at, open, options);
    return expanded === state.expanded ? state : { expanded };
  },
  semantics: {
    item: ({ expanded }, { options, native }, key) => ({
      ...(!native && { 'aria-expanded': `${expanded.has(key!)}` }),
      ...(isHeldOpen(expanded, key!, options) && { 'aria-disabled': 'true' }),
    }),
    panel: ({ expanded }, { labelledBy, items, native }, key) =>
      native
        ? { open: expanded.has(key!) ? '' : null }
        : {
            hidden: expanded.has(key!) ? null : 'until-found',
            // Without a role it may have no name.
            ...(items!.length <= mostRegions && { role: 'region', 'aria-labelledby': labelledBy! }),
          },
  },
};

export const accordionNotes: Notes<AccordionPart> = {
  name: 'accordion',
  says: 'Headings whose buttons show and hide the section under each.',
  standard: 'WAI-ARIA Authoring Practices, Accordion; HTML, the details element',
  parts: {
    root: {
      is: 'the element that holds the sections',
      required: true,
      why: 'It is what is wired, and the border to other accordions.',
    },
    item: {
      is: 'a <button> in a heading; or the <summary> of a <details>',
      required: true,
      why: 'The heading keeps the section in the outline of the page, the button gives focus and keys.',
    },
    panel: {
      is: 'what the button names by aria-controls or commandfor, else the element after the heading; or the rest of the <details>',
      required: true,
      why: 'It is what is shown and hidden.',
    },
  },
  keys: [
    { on: 'item', key: 'Enter', does: 'Opens the section, or closes it', by: 'browser' },
    { on: 'item', key: 'Space', does: 'Opens the section, or closes it', by: 'browser' },
    { on: 'item', key: 'ArrowDown', does: 'With arrows: goes to the next header; wraps', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'With arrows: goes to the previous header; wraps', by: 'engine' },
    { on: 'item', key: 'Home', does: 'With arrows: goes to the first header', by: 'engine' },
    { on: 'item', key: 'End', does: 'With arrows: goes to the last header', by: 'engine' },
  ],
  presses: [{ on: 'item', does: 'Opens the section, or closes it' }],
  states: [
    {
      name: 'expanded',
      type: 'a set of keys',
      first: 'as the markup shows: sections whose panel is not hidden, or whose details is open',
      shown: 'aria-expanded on each button; hidden="until-found" on a closed panel; open on a details',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  options: [
    {
      name: 'expanded',
      values: 'a set of keys or a cell',
      default: 'as the markup shows',
      does: 'The first state, or a cell that is followed both ways.',
    },
    { name: 'exclusive', values: 'true, false', default: 'false', does: 'Opening one closes the others.' },
    { name: 'keepOne', values: 'true, false', default: 'false', does: 'The last open one cannot be closed.' },
    {
      name: 'arrows',
      values: 'true, false',
      default: 'false',
      does: 'Arrow keys, Home and End move between the headers.',
    },
    {
      name: 'elastic',
      values: 'block, inline, none',
      default: 'block',
      does: 'Along which axis panels open by their measured size; needs structure.css.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'Closed content is out of the accessibility tree and of the tab order, and find-in-page opens it, reason "found".',
    'A closed section that another opening closes has the reason of that opening; with keepOne the last open button is aria-disabled.',
    'Panels move by their measured size, turn round half way without a jump, follow content that grows, and leave no size behind; none of it with reduced motion.',
    'Up to six panels are regions named by their buttons.',
    'Sections that come later are taken up; accordions in accordions keep to themselves.',
  ],
};
