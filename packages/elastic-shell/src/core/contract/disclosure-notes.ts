// The words of the disclosure contract: for documents, the command line and the conformance tests.
import { openCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { DisclosurePart } from './disclosure.js';
import { disclosureMethodNotes, disclosureOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `disclosure`. */
export const disclosureNotes: Notes<DisclosurePart> = {
  name: 'disclosure',
  group: 'section',
  says: 'Shows and hides a piece of content in place.',
  for: 'One button that shows and hides what follows it: details, more text, a filter.',
  not: 'Several of them in a row that belong together (accordion), or what should lie above the page (popover).',
  standard: 'WAI-ARIA Authoring Practices, Disclosure (Show/Hide); HTML, the details element',
  parts: {
    root: {
      is: 'the panel (any element with an id), or a <details>',
      required: true,
      why: 'It is what is shown and hidden, and what controls name.',
    },
    opener: {
      is: 'a <button> with commandfor or aria-controls naming the panel, anywhere; or the <summary>',
      required: true,
      why: 'A button has the name, the focus and the keys already.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the panel, or closes it', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the panel, or closes it', by: 'browser' },
  ],
  presses: [{ on: 'opener', does: 'Opens the panel, or closes it' }],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'as the markup shows: closed when the panel is hidden or the details lacks open',
      shown: 'aria-expanded on every opener; hidden="until-found" on a closed panel; open on a details',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the panel' },
  ],
  methods: disclosureMethodNotes,
  commands: openCommands,
  options: disclosureOptionNotes,
  owes: [
    'Closed content is out of the accessibility tree and out of the tab order.',
    'Find-in-page finds closed content and opens it, with the reason "found".',
    'aria-expanded always equals what is shown, on every opener.',
    'Words and icons may follow the state by CSS alone: data-when="open" and data-when="closed".',
  ],
};
