// A custom layer: a card beside the name of a berth, which loads its content when it opens. On a `<dialog>`
// it is modal.
import { type Contract, type Openable, type OpenIntent, stepOpenable } from 'elastic-shell/core';
import {
  anchored,
  asModal,
  asPopover,
  type AnchorOptions,
  type ContentOptions,
  definePattern,
  dialogFocus,
  type Engine,
  type FocusOptions,
  labelsOf,
  layer,
  type LayerOptions,
  type OpenOptions,
  popoverFocus,
  type Service,
  withContent,
} from 'elastic-shell/engine';

export interface BerthCardOptions
  extends OpenOptions<Openable>, LayerOptions, FocusOptions, AnchorOptions, ContentOptions {}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    'berth-card': BerthCardOptions;
  }
}

const contract: Contract<Openable, BerthCardOptions, OpenIntent> = {
  name: 'berth-card',
  options: {
    open: 'true, false or a cell',
    escape: ['close', 'keep'],
    gap: 'a number',
    content: 'a function, or a selector',
  },
  commands: { '': 'toggle', '--toggle': 'toggle', '--open': 'open', '--close': 'close' },
  read: () => ({ open: false }),
  step: stepOpenable,
  semantics: {
    opener: ({ open }, { root }, intent) =>
      intent === 'close' ? undefined : { 'aria-expanded': `${open}`, 'aria-controls': root.id },
  },
};

function serve(engine: Engine<Openable, BerthCardOptions, OpenIntent>): Service<Openable> {
  const { root } = engine;
  const dialog = root instanceof HTMLDialogElement ? root : undefined;
  const labels = labelsOf(engine, (title) =>
    title ? { ...(!dialog && { role: 'group' }), 'aria-labelledby': title } : {},
  );
  return withContent(
    engine,
    layer(engine, {
      showing: dialog ? asModal(dialog) : asPopover(root),
      position: anchored(engine, { area: 'inline-end', gap: 6 }),
      focus: dialog ? dialogFocus(engine, labels) : popoverFocus(engine),
      labels,
      outside: 'close',
      focusOut: dialog ? 'keep' : 'close',
    }),
  );
}

/**
 * A card beside its opener. Follows the HTML popover attribute, and on a `<dialog>` the WAI-ARIA dialog
 * pattern.
 */
export const berthCard = definePattern({
  ...contract,
  serve,
  methods: {
    show: ({ intend }) => intend('open', { reason: 'program' }),
    close: ({ intend }) => intend('close', { reason: 'program' }),
  },
  tag: 'yard-berth-card',
});
