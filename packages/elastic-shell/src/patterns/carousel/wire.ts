// The carousel on an element: `wireCarousel`.
import type { Cell } from '../../core/cell.js';
import { carousel, type CarouselChoices, type CarouselState } from '../../core/contract/carousel.js';
import { wire } from '../../engine/engine.js';
import { holdsStop } from '../../focus/focusable.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { namedByAuthor } from '../../labels/labels.js';
import { optionsOf } from '../../engine/options.js';
import { pickersOf } from './pickers.js';
import { slidesOf } from './slides.js';
import { prefersReducedMotion, rotationTimer } from './rotation-timer.js';
import type { CommonOptions, Wired } from '../../engine/types.js';

export interface CarouselOptions extends CommonOptions, CarouselChoices {
  /** The first slide in view, from 0, or a cell. Default: 0. */
  slide?: number | Cell<number>;
  /** Whether slides turn by themselves, or a cell. Default: true with an interval, unless motion is reduced. */
  rotating?: boolean | Cell<boolean>;
  messages?: {
    /** The name of a slide that has none of its own. Default: `1 of 6`. */
    slide?(number: number, count: number): string;
    /** The name of the button that starts and stops. Default: `Stop rotation` and `Start rotation`. */
    rotate?(rotating: boolean): string;
  };
}

export interface Carousel extends Wired {
  /** The first slide in view, from 0. */
  readonly slide: Cell<number>;
  readonly rotating: Cell<boolean>;
  next(): void;
  previous(): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    carousel: CarouselOptions;
  }
}

const words = {
  slide: (number: number, count: number) => `${number} of ${count}`,
  rotate: (rotating: boolean) => (rotating ? 'Stop rotation' : 'Start rotation'),
};

/**
 * Wires a carousel: `root` holds an element with `data-slides`, whose children are the slides. Needs
 * structure.css. Follows the WAI-ARIA carousel pattern. Throws a TypeError when `root` is no element, holds
 * no `[data-slides]`, or is wired already.
 */
export function wireCarousel(root: HTMLElement, own: CarouselOptions = {}): Carousel {
  const options = optionsOf('carousel', own, {});
  const scroller = root?.querySelector?.<HTMLElement>('[data-slides]');
  if (root?.nodeType === 1 && !scroller)
    throw new TypeError(
      `elastic-shell: carousel needs an element with data-slides inside, got ${root.outerHTML.slice(0, 120)}`,
    );
  const say = { ...words, ...options.messages };
  const interval = Number(options.interval ?? 0);
  const still = !root || prefersReducedMotion(root.ownerDocument?.defaultView ?? window);
  const contract = { ...carousel, read: () => ({ slide: 0, rotating: interval > 0 && !still }) };
  const given = still && options.rotating === true ? false : options.rotating;
  const settings = { ...options, ...(given !== undefined && { rotating: given }) };
  let next!: (way: 'next' | 'previous') => void;
  const wired = wire<CarouselState, CarouselOptions>(root, contract, settings, (engine) => {
    const { view, state } = engine;
    const isNamed = namedByAuthor();
    const pickers = pickersOf(engine);
    next = (way) => engine.intend(way, { reason: 'program' });
    /** The slide that a smooth scroll is on its way to: what it passes is not where it rests. */
    let target: number | undefined;
    const slides = slidesOf(scroller!, {
      rested(slide) {
        const isPassing = target !== undefined && slide !== target;
        target = undefined;
        if (!isPassing) engine.change({ slide }, { reason: 'native' }, true);
        engine.render();
      },
      changed() {
        read();
        const last = Math.max(0, view.items!.length - 1);
        if (state().slide > last) engine.change({ slide: last }, { reason: 'removed' }, true);
        engine.render();
      },
    });
    const read = (): void => {
      view.items = slides.all().map((_, at) => ({ key: `${at}` }));
    };
    const turning = rotationTimer(
      root,
      interval,
      () => engine.intend('next', { reason: 'timer' }),
      engine.render,
    );
    read();
    if (interval) turning.set(state().rotating);
    if (state().slide) queueMicrotask(() => slides.bring(state().slide, false));

    return {
      aim(intent, { source }) {
        if (intent === 'pick') view.at = source ? `${pickers.placeOf(source)}` : undefined;
      },
      *parts() {
        const { slide, rotating } = state();
        const all = slides.all();
        const shown = slides.inView(slide);
        // Where nothing in view takes focus, the slides do: else no key could scroll them.
        const tabindex = [...shown].some(holdsStop) ? null : '0';
        yield [scroller!, { 'aria-live': turning.now() ? 'off' : 'polite', tabindex }] as const;
        for (const [at, element] of all.entries())
          yield [
            element,
            {
              ...(element.localName !== 'li' && { role: 'group' }),
              'aria-roledescription': 'slide',
              inert: shown.has(element) ? null : '',
              ...(!isNamed(element) && { 'aria-label': say.slide(at + 1, all.length) }),
            },
          ] as const;
        yield* pickers.parts(slide);
        for (const control of invokersOf(root))
          if (control.getAttribute('command') === '--rotate' && !isNamed(control))
            yield [control, { 'aria-label': say.rotate(rotating) }] as const;
      },
      show({ name, value, reason }) {
        if (name === 'rotating') return turning.set(value as boolean);
        if (reason === 'native') return;
        target = value as number;
        slides.bring(target, !prefersReducedMotion(root.ownerDocument.defaultView!));
      },
      release() {
        pickers.release();
        slides.release();
        turning.release();
      },
    };
  });
  return { ...wired, next: () => next('next'), previous: () => next('previous') };
}
