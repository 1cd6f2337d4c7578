// The notes of the accordion contract, for documents, the command line and the conformance tests.
import { expandCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { AccordionPart } from './accordion.js';
import { accordionMethodNotes, accordionOptionNotes } from './typed-notes.js';

/** The notes of the pattern `accordion`. */
export const accordionNotes: Notes<AccordionPart> = {
  name: 'accordion',
  group: 'section',
  keywords: 'collapse collapsible faq sections expand all expansion panel',
  summary: 'Headings with buttons that show and hide the section below each heading.',
  for: 'Several headings in a row, each with a collapsible section: steps, questions, groups of settings.',
  not: 'Views of which exactly one is visible (use tabs), or a single section (use a disclosure).',
  standard: 'WAI-ARIA Authoring Practices, Accordion; HTML, the details element',
  parts: {
    root: {
      is: 'the element that contains the sections',
      required: true,
      why: 'It is the element to wire. Sections of nested accordions don’t belong to it.',
    },
    item: {
      is: 'a <button> in a heading, or the <summary> of a <details>',
      required: true,
      why: 'The heading keeps the section in the outline of the page. The button provides focus and keyboard support.',
    },
    panel: {
      is: 'the element that the button’s aria-controls or commandfor names, or the element after the heading. In a <details>: its content',
      required: true,
      why: 'It is the content that is shown and hidden.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --expand, --collapse or --toggle. Its value is the key of a section.',
      required: false,
      why: 'Controls elsewhere can open one section or all of them.',
    },
  },
  keys: [
    { on: 'item', key: 'Enter', does: 'Opens or closes the section', by: 'browser' },
    { on: 'item', key: 'Space', does: 'Opens or closes the section', by: 'browser' },
    {
      on: 'item',
      key: 'ArrowDown',
      does: 'With arrows: moves to the next header, and from the last to the first',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowUp',
      does: 'With arrows: moves to the previous header, and from the first to the last',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'With arrows: moves to the first header', by: 'engine' },
    { on: 'item', key: 'End', does: 'With arrows: moves to the last header', by: 'engine' },
  ],
  presses: [{ on: 'item', does: 'Opens or closes the section' }],
  states: [
    {
      name: 'expanded',
      type: 'a set of keys',
      first: 'as in the markup: sections whose panel isn’t hidden, or whose <details> is open',
      shown: 'aria-expanded on each button, hidden="until-found" on a closed panel, open on a <details>',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: accordionMethodNotes,
  commands: expandCommands,
  options: accordionOptionNotes,
  guarantees: [
    'Closed content is removed from the accessibility tree and the tab order. Find-in-page opens it, with the reason "found".',
    'If opening one section closes another, both changes have the same reason. With keepOne, the button of the last open section has aria-disabled.',
    'Panels animate to their measured size, reverse without a jump, follow content that grows, and leave no size behind. With reduced motion they don’t animate.',
    'With up to six sections, each panel is a region named by its button.',
    'Sections added later are included. Nested accordions are independent.',
  ],
};
