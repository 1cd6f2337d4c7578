// Runs the checks of contracts in the page itself, with events. For jsdom, and wherever there is no browser
// to send keys.
import { focused } from '../heard/dom.js';
import { heardFocus, placesAround } from '../heard/heard.js';
import { hearLive } from '../heard/live.js';
import type { Facts } from '../rehearsal/facts.js';
import { fail, skip } from '../rehearsal/outcome.js';
import { factsOf } from '../rehearsal/page/facts.js';
import { takeStop, stopCount } from '../rehearsal/page/focus.js';
import type { Widget } from '../rehearsal/page/widgets.js';
import type { Stage } from '../rehearsal/stage.js';
import { outsideAct } from './act.js';
import { keepStates } from './cells.js';
import { hover, pressKey, pressPointer } from './press.js';
import { settled } from './settled.js';

/** How often to look for a result that takes a while, and the time between two looks in milliseconds. */
const looks = 20;
const pause = 50;

const later = (): Promise<void> => settled(document).catch(() => undefined);

const blur = (): void => {
  const now = focused();
  if (now instanceof HTMLElement) now.blur();
};

/** A stage for one widget of this page. */
export class PageStage implements Stage {
  heard = '';
  readonly #said: string[] = [];
  /** The ancestors of the focused element before the last action. */
  #places: Element[] = [];
  readonly #states = keepStates(document);
  readonly #stopHearing = hearLive(document, (text) => this.#said.push(`“${text}”`));
  readonly #endAct = outsideAct();
  readonly #end = document.createElement('span');

  /**
   * @param find - Returns the widget as it is now.
   * @param again - Brings the page back if restoring the states isn't enough.
   * @param signal - Once it is aborted, the stage does nothing more to the page and rejects with its reason.
   */
  constructor(
    readonly find: () => Widget,
    readonly again?: () => unknown,
    readonly signal?: AbortSignal,
  ) {
    // Something must follow it, because at the end of a page Tab would leave the page.
    this.#end.tabIndex = 0;
    document.body.append(this.#end);
  }

  facts(): Promise<Facts> {
    return Promise.resolve(factsOf(this.find()) ?? fail('the widget was removed'));
  }

  listen(): Promise<string> {
    this.heard = [heardFocus(this.#places), ...this.#said].filter(Boolean).join(' · ');
    return Promise.resolve(this.heard);
  }

  /** Does something, waits until it is complete, and reads the facts. */
  async #act(what: () => void, isNew = false): Promise<Facts> {
    this.signal?.throwIfAborted();
    this.#said.length = 0;
    const at = focused();
    this.#places = at && !isNew ? [...placesAround(at), at] : [];
    what();
    await later();
    await this.listen();
    return this.facts();
  }

  press(key: string): Promise<Facts> {
    return this.#act(() => pressKey(key));
  }

  type(text: string): Promise<Facts> {
    return this.#act(() => [...text].forEach(pressKey));
  }

  async tabTo(what: 'opener' | 'stop'): Promise<Facts> {
    const { opener, stop, root } = this.find();
    const element = what === 'opener' ? opener : (stop?.() ?? root);
    const why = element && takeStop(element);
    if (why) return skip(why);
    if (!element || element.tabIndex < 0 || element.matches(':disabled'))
      return fail('Tab does not go to it');
    return this.#act(() => {
      if (focused() !== element) blur();
      // Without layout, focus does not continue from an element, so the next tab stop is focused as by Tab.
      const key = { key: 'Tab', code: 'Tab', bubbles: true, composed: true, cancelable: true };
      document.body.dispatchEvent(new KeyboardEvent('keydown', key));
      element.focus();
    }, true);
  }

  async click(what: 'opener' | 'item' | 'root', index = 0): Promise<Facts> {
    const { opener, root, items } = this.find();
    const element = what === 'opener' ? opener : what === 'item' ? items?.()[index] : root;
    return element ? this.#act(() => pressPointer(element)) : fail('there is nothing to click');
  }

  async hover(): Promise<void> {
    this.signal?.throwIfAborted();
    const { opener } = this.find();
    if (opener) hover(opener);
    await later();
  }

  pressOutside(): Promise<Facts> {
    return this.#act(() => pressPointer(document.body));
  }

  async until(test: (facts: Facts) => boolean): Promise<Facts> {
    let now = await this.facts();
    for (let look = 0; look < looks && !test(now); look++) {
      this.signal?.throwIfAborted();
      await new Promise((resolve) => setTimeout(resolve, pause));
      await later();
      now = await this.facts();
    }
    return now;
  }

  stopCount(): Promise<number> {
    return Promise.resolve(stopCount(this.find().root));
  }

  /** Restores the page. */
  async reset(): Promise<void> {
    this.signal?.throwIfAborted();
    pressKey('Escape');
    await later();
    this.signal?.throwIfAborted();
    blur();
    this.#states.restore();
    await this.again?.();
    await later();
    this.#said.length = 0;
    this.#places = [];
    this.heard = '';
  }

  /** Stops listening, and leaves the page as it is. */
  release(): void {
    this.#endAct();
    this.#stopHearing();
    this.#end.remove();
  }
}
