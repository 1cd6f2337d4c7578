// Pickers: controls that name the root with --select. Each shows one slide, and is a tab or a plain button.
import type { CarouselIntent } from '../../core/contract/carousel.js';
import type { Part } from '../../engine/attribute-writer.js';
import { targetOf } from '../../engine/dom.js';
import { invokersOf } from '../../engine/invoker-index.js';
import type { Engine } from '../../engine/service.js';
import { listenIn } from '../../events/document-events.js';
import { chordOf, meaningOf } from '../../events/keys.js';
import { rove } from '../../list/roving.js';
import type { Slide } from './slides.js';

/** The pickers of one carousel. */
export interface Pickers {
  /**
   * Returns the key of the slide that a picker shows: its value, or that of the slide at the picker's index.
   */
  keyOf(picker: Element): string | undefined;
  /** Returns the attributes of each picker for the selected slide. */
  parts(selected: string | undefined): Part[];
  release(): void;
}

/** Handles keys on a picker that is a tab. */
const moves = { 'inline-next': 'next', 'inline-previous': 'previous', Home: 'first', End: 'last' };

/** Follows the pickers of a carousel until released. */
export function pickersOf(
  { root, intend }: Pick<Engine<object, object, CarouselIntent>, 'root' | 'intend'>,
  slides: () => readonly Slide[],
): Pickers {
  const all = (): HTMLElement[] =>
    invokersOf(root).filter((control) => control.getAttribute('command') === '--select');
  const keyOf = (picker: Element): string | undefined =>
    picker.getAttribute('value') ?? slides()[all().findIndex((other) => other === picker)]?.key;

  const release = listenIn(
    root.ownerDocument,
    {
      keydown(event) {
        const picker = targetOf(event)?.closest<HTMLElement>('[role=tab][command="--select"]');
        const pickers = picker ? all() : [];
        if (!picker || !pickers.includes(picker)) return;
        const way = meaningOf(moves, chordOf(event, picker));
        if (!way) return;
        event.preventDefault();
        const next = rove(pickers, picker, way);
        if (next) intend('select', { reason: 'key', event, source: next }, keyOf(next));
      },
    },
    ['keydown'],
  );
  return {
    keyOf,
    parts: (selected) =>
      all().map((picker) => {
        const isPicked = keyOf(picker) === selected;
        const own =
          picker.role === 'tab'
            ? { 'aria-selected': `${isPicked}`, tabindex: isPicked ? '0' : '-1' }
            : { 'aria-current': isPicked ? 'true' : null };
        return [picker, own];
      }),
    release,
  };
}
