// The disclosure: a control that shows and hides content.
import type { Contract, View } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { disclosureOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const disclosureMethods = ['show', 'close', 'toggle'] as const;

/** Its parts, as in its notes. */
export type DisclosurePart = 'root' | 'opener';

const isDetails = ({ root }: View): boolean => root.localName === 'details';

/** The commands, step and semantics of a disclosure. Its root is the panel, or a `<details>`. */
export const disclosure: Contract<Openable, object, OpenIntent> = {
  name: 'disclosure',
  fixed: ['content', 'loadOn', 'elastic'],
  options: disclosureOptionKinds,
  commands: { '': 'toggle', '--toggle': 'toggle', '--open': 'open', '--close': 'close' },
  read: (view) => ({
    open: isDetails(view)
      ? view.root.hasAttribute('open')
      : !view.root.hasAttribute('hidden') && view.root.getAttribute('data-phase') !== 'closing',
  }),
  attributeStates: { hidden: 'open', open: 'open' },
  step: stepOpenable,
  semantics: {
    root: ({ open }, view) =>
      isDetails(view) ? { open: open ? '' : null } : { hidden: open ? null : 'until-found' },
    opener: ({ open }, { root }) => ({ 'aria-expanded': `${open}`, 'aria-controls': root.id }),
  },
};
