// The notes of the disclosure contract, for documents, the command line and the conformance tests.
import { openCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { DisclosurePart } from './disclosure.js';
import { disclosureMethodNotes, disclosureOptionNotes } from './typed-notes.js';

/** The notes of the pattern `disclosure`. */
export const disclosureNotes: Notes<DisclosurePart> = {
  name: 'disclosure',
  group: 'section',
  keywords: 'collapse collapsible toggle show hide expand details summary show more read more spoiler',
  summary: 'Shows and hides content in place.',
  for: 'One button that shows and hides the content after it: details, more text, a filter.',
  not: 'Several related sections in a row (use an accordion), or content above the page (use a popover).',
  standard: 'WAI-ARIA Authoring Practices, Disclosure (Show/Hide); HTML, the details element',
  parts: {
    root: {
      is: 'the panel (any element with an id), or a <details>',
      required: true,
      why: 'It is the content that is shown and hidden, and the element that controls name.',
    },
    opener: {
      is: 'a <button> whose commandfor or aria-controls names the panel, anywhere on the page, or the <summary>',
      required: true,
      why: 'A button already has a name, focus and keyboard support.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens or closes the panel', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens or closes the panel', by: 'browser' },
  ],
  presses: [{ on: 'opener', does: 'Opens or closes the panel' }],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'as in the markup: closed if the panel is hidden or the <details> has no open attribute',
      shown: 'aria-expanded on every opener, hidden="until-found" on a closed panel, open on a <details>',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the panel' },
  ],
  methods: disclosureMethodNotes,
  commands: openCommands,
  options: disclosureOptionNotes,
  guarantees: [
    'Closed content is removed from the accessibility tree and the tab order.',
    'Find-in-page searches closed content and opens it, with the reason "found".',
    'aria-expanded on every opener always matches what is visible.',
    'CSS alone can switch text and icons with the state: use data-when="open" and data-when="closed".',
  ],
};
