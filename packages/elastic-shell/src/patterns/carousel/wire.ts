// Wires a carousel: `wireCarousel`.
import {
  carousel,
  type CarouselChoices,
  type CarouselIntent,
  type CarouselState,
} from '../../core/contract/carousel.js';
import { indexOf, neighbour } from '../../core/collection/items.js';
import { wordsOf } from '../../core/words.js';
import { speaker } from '../../announce/speaker.js';
import type { Part } from '../../engine/attribute-writer.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { described, isElement, windowOf } from '../../engine/dom.js';
import { type Engine, type Service, wire } from '../../engine/engine.js';
import { markMade } from '../../engine/made.js';
import { keepWired } from '../../engine/registry.js';
import { invokersOf } from '../../engine/invoker-index.js';
import type { Cells, CommonOptions, StateOption, Wired } from '../../engine/types.js';
import { holdsStop } from '../../focus/focusable.js';
import { namedByAuthor } from '../../labels/labels.js';
import { onReducedMotion, prefersReducedMotion } from '../../motion/reduced-motion.js';
import { pickersOf } from './pickers.js';
import { rotationTimer } from './rotation-timer.js';
import { type Slides, slidesIn, slidesOf } from './slides.js';
import { spoken } from './spoken.js';

/** The options of a carousel. */
export interface CarouselOptions extends CommonOptions<CarouselState>, CarouselChoices {
  /**
   * Sets the key of the first visible slide: an initial value, or a cell that is read and written.
   *
   * @defaultValue the first slide
   * @example { selected: 'keel' }
   */
  selected?: StateOption<string | undefined>;
  /**
   * Called after another slide has become the first visible one, with its key.
   *
   * @defaultValue none
   * @example { onSelected: (key) => track(key) }
   */
  onSelected?: (key: string | undefined) => void;
  /**
   * Sets whether the slides rotate automatically: an initial value, or a cell that is read and written.
   *
   * @defaultValue true if `interval` is set, unless reduced motion is requested
   * @example { rotating: false }
   */
  rotating?: StateOption<boolean>;
  /**
   * Sets the names of the slides and of the rotation button: `{ slide(number, count), rotate(rotating) }`.
   *
   * @defaultValue `1 of 6`, `Stop rotation` and `Start rotation`
   * @example { messages: { slide: (number, count) => `${number} von ${count}` } }
   */
  messages?: {
    /**
     * Returns the name of a slide that has no name in the markup.
     *
     * @defaultValue `1 of 6`
     */
    slide?(number: number, count: number): string;
    /**
     * Returns the name of the rotation button.
     *
     * @defaultValue `Stop rotation` and `Start rotation`
     */
    rotate?(rotating: boolean): string;
  };
}

/**
 * A wired carousel: its states and methods. The key of a slide is its `data-key`, `id` or index, in that
 * order.
 */
export interface Carousel extends Wired<CarouselOptions>, Cells<CarouselState> {
  /**
   * Scrolls to a slide.
   *
   * @param key - The key of the slide.
   */
  select(key: string): void;
  /** Moves to the next slide. */
  next(): void;
  /** Moves to the previous slide. */
  previous(): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireCarousel`. */
    carousel: CarouselOptions;
  }
}
registerPattern(carousel.name, carousel.options, wireCarousel);

type CarouselEngine = Engine<CarouselState, CarouselOptions, CarouselIntent>;

const words = {
  slide: (number: number, count: number) => `${number} of ${count}`,
  rotate: (rotating: boolean): string => (rotating ? 'Stop rotation' : 'Start rotation'),
};

/** Returns the element that contains the slides of `root`. Throws a TypeError if there is none. */
function scrollerIn(root: HTMLElement): HTMLElement {
  const scroller = isElement(root) ? root.querySelector<HTMLElement>('[data-slides]') : null;
  if (scroller) return scroller;
  throw new TypeError(
    `elastic-shell: carousel needs an element with data-slides inside, got ${described(root)}`,
  );
}

/** Returns the attributes of the scroller, the slides and the rotation button. */
function partsOf(
  engine: CarouselEngine,
  scroller: HTMLElement,
  slides: Slides,
  say: typeof words,
  live: () => Part,
): () => Part[] {
  const isNamed = namedByAuthor();
  return () => {
    const { selected, rotating } = engine.state();
    const all = slides.all();
    const shown = slides.inView(selected);
    // If no visible slide contains a focusable element, the slides are focusable themselves: otherwise no key
    // could scroll to them. Otherwise they aren't, even in Firefox, which makes every scrollable element a
    // tab stop.
    const tabindex = [...shown].some(holdsStop) ? '-1' : '0';
    const rotators = invokersOf(engine.root).filter(
      (control) => control.getAttribute('command') === '--rotate' && !isNamed(control),
    );
    return [
      live(),
      [scroller, { tabindex }],
      ...all.map(({ element }, at): Part => [
        element,
        {
          ...(element.localName !== 'li' && { role: 'group' }),
          'aria-roledescription': 'slide',
          inert: shown.has(element) ? null : '',
          ...(!isNamed(element) && { 'aria-label': say.slide(at + 1, all.length) }),
        },
      ]),
      ...rotators.map((control): Part => [control, { 'aria-label': say.rotate(rotating) }]),
    ];
  };
}

function serve(engine: CarouselEngine): Service<CarouselState> {
  const scroller = scrollerIn(engine.root);
  const { root, view, state, options } = engine;
  const settled = (selected: string | undefined, reason: 'native' | 'removed'): void =>
    engine.change({ selected }, { reason }, true);
  /** The target of a smooth scroll. Slides that it passes aren't selected. */
  let target: string | undefined;
  const slides = slidesOf(scroller, {
    rested(key) {
      const isPassing = target !== undefined && key !== target;
      target = undefined;
      if (!isPassing) settled(key, 'native');
      engine.render();
    },
    changed() {
      const before = view.items;
      view.items = slides.all();
      const { selected } = state();
      // The slide at the start was removed: the one in its place is selected.
      if (indexOf(view.items, selected) < 0)
        settled(neighbour(view.items, Math.max(0, indexOf(before, selected))), 'removed');
      engine.render();
    },
  });
  const pickers = pickersOf(engine, slides.all);
  const interval = Number(options.interval ?? 0);
  const turn = (): void => engine.intend('next', { reason: 'timer' });
  const timer = rotationTimer(root, interval, turn, engine.render);
  const say = wordsOf(words, () => options.messages);
  // A live region around the slides would be read at each load and after each modal dialog. So only a slide
  // that the user asked for is announced.
  const speak = speaker(root.ownerDocument, (region) => root.append(markMade(region)));
  const live = (): Part => [speak.region(), { 'aria-live': timer.now() ? 'off' : 'polite' }];
  const own = partsOf(engine, scroller, slides, say, live);
  view.items = slides.all();
  if (interval) timer.set(state().rotating);
  const stopAsking = onReducedMotion(windowOf(root), () =>
    engine.change({ rotating: false }, { reason: 'native' }),
  );
  let isOver = false;
  queueMicrotask(() => {
    if (!isOver && indexOf(view.items, state().selected) > 0) slides.bring(state().selected, false);
  });

  return {
    aim: (_, { source }) => (source ? pickers.keyOf(source) : undefined),
    parts: () => [...own(), ...pickers.parts(state().selected)],
    show(change) {
      if (change.name === 'rotating') return timer.set(change.value);
      if (change.reason === 'native') return;
      target = change.value;
      slides.bring(target, !prefersReducedMotion(windowOf(root)));
    },
    settle({ name, value, event }) {
      const all = slides.all();
      const at = indexOf(all, name === 'selected' && event ? value : undefined);
      const slide = all[at]?.element;
      if (slide) speak.say(spoken(slide, slide.getAttribute('aria-label') ?? say.slide(at + 1, all.length)));
    },
    stands: () => root.contains(scroller),
    release() {
      isOver = true;
      stopAsking();
      speak.release();
      pickers.release();
      slides.release();
      timer.release();
    },
  };
}

/**
 * Wires a carousel. `root` contains an element with `data-slides`, whose children are the slides. Requires
 * structure.css. Follows the WAI-ARIA carousel pattern.
 *
 * @param root - The element that contains the slides and their controls.
 * @param own - The options.
 * @returns The wired carousel.
 * @throws TypeError if `root` isn't an element, contains no `[data-slides]` or is already wired, or if an
 * option is unknown or has an invalid value.
 */
export function wireCarousel(root: HTMLElement, own?: CarouselOptions): Carousel {
  const options = optionsOf(carousel, own, root);
  const scroller = scrollerIn(root);
  const isStill = prefersReducedMotion(windowOf(root));
  const selected = slidesIn(scroller)[0]?.key;
  const contract = {
    ...carousel,
    read: () => ({ selected, rotating: Number(options.interval ?? 0) > 0 && !isStill }),
  };
  const rotating = isStill && options.rotating === true ? false : options.rotating;
  let intend: (intent: CarouselIntent, key?: string) => void = () => {};
  const wired = wire<CarouselState, CarouselOptions, CarouselIntent>(
    root,
    contract,
    { ...options, ...(rotating !== undefined && { rotating }) },
    (engine) => {
      intend = (intent, key) => engine.intend(intent, { reason: 'program' }, key);
      return serve(engine);
    },
  );
  return keepWired({
    ...wired,
    select: (key: string) => intend('select', key),
    next: () => intend('next'),
    previous: () => intend('previous'),
  });
}
