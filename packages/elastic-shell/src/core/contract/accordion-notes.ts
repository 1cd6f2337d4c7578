// The words of the accordion contract: for documents, the command line and the conformance tests.
import { expandCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { AccordionPart } from './accordion.js';
import { accordionMethodNotes, accordionOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `accordion`. */
export const accordionNotes: Notes<AccordionPart> = {
  name: 'accordion',
  group: 'section',
  says: 'Headings whose buttons show and hide the section under each.',
  for: 'Several headings in a row, each with a section that opens: steps, questions, settings in groups.',
  not: 'Views of which exactly one shows (tabs), or a single section (disclosure).',
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
    opener: {
      is: 'a <button> whose commandfor names the root, with --expand, --collapse or --toggle; its value is the key of a section',
      required: false,
      why: 'For controls elsewhere that open one section, or all.',
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
  methods: accordionMethodNotes,
  commands: expandCommands,
  options: accordionOptionNotes,
  owes: [
    'Closed content is out of the accessibility tree and of the tab order, and find-in-page opens it, reason "found".',
    'A closed section that another opening closes has the reason of that opening; with keepOne the last open button is aria-disabled.',
    'Panels move by their measured size, turn round half way without a jump, follow content that grows, and leave no size behind; none of it with reduced motion.',
    'Up to six panels are regions named by their buttons.',
    'Sections that come later are taken up; accordions in accordions keep to themselves.',
  ],
};
