// Plays the rows of contracts in the page itself, by events: for jsdom, and wherever there are no keys of a browser's own.
import { cellOf } from './cells.js';
import { heardFocus, placesAround } from '../heard/heard.js';
import { focused } from '../heard/dom.js';
import { hearLive } from '../heard/live.js';
import type { Facts } from '../rehearsal/facts.js';
import { fail } from '../rehearsal/outcome.js';
import { factsOf } from '../rehearsal/page/facts.js';
import { beforeStop, stopCount } from '../rehearsal/page/focus.js';
import { type Widget } from '../rehearsal/page/widgets.js';
import type { Stage } from '../rehearsal/stage.js';
import { hover, pressKey, pressPointer } from './press.js';
import { settled } from './settled.js';

/** A stage on one widget of this page. */
export interface PageStage extends Stage {
  /** Brings it back to how it was at first. */
  reset(): Promise<void>;
  /** Puts focus just before it, so that Tab goes there. */
  aim(what: 'opener' | 'stop'): boolean;
  release(): void;
}

/** How often is looked whether something has come about that takes a while. */
const looks = 20;

const later = (): Promise<void> => settled(document, { most: 2000 }).catch(() => undefined);

/** Makes the stage. `again` brings the page back where what is wired cannot be set back by its cells. */
export function pageStage(find: () => Widget, again?: () => unknown): PageStage {
  const said: string[] = [];
  const stopHearing = hearLive(document, (text) => said.push(`“${text}”`));
  const before = cellOf(document);
  // Something follows: at the end of a page Tab would go to the browser itself.
  const end = document.createElement('span');
  end.tabIndex = 0;
  document.body.append(end);
  let places: Element[] = [];
  const facts = async (): Promise<Facts> => factsOf(find()) ?? fail('the widget is gone');
  const act = async (what: () => void): Promise<Facts> => {
    said.length = 0;
    const at = focused();
    places = at ? [...placesAround(at), at] : [];
    what();
    await later();
    await stage.listen();
    return facts();
  };
  const stage: PageStage = {
    heard: '',
    facts,
    async listen() {
      stage.heard = [heardFocus(places), ...said].filter(Boolean).join(' · ');
      return stage.heard;
    },
    press: (key) => act(() => pressKey(key)),
    type: (text) => act(() => [...text].forEach(pressKey)),
    aim(what) {
      const widget = find();
      const now = focused();
      if (now instanceof HTMLElement) now.blur();
      const element = what === 'opener' ? widget.opener : (widget.stop?.() ?? widget.root);
      return !!element && beforeStop(element);
    },
    async tabTo(what) {
      const widget = find();
      const element = what === 'opener' ? widget.opener : (widget.stop?.() ?? widget.root);
      if (!element || element.tabIndex < 0 || element.matches(':disabled'))
        return fail('Tab does not go to it');
      places = [];
      return act(() => {
        const now = focused();
        if (now instanceof HTMLElement && now !== element) now.blur();
        // Where nothing is laid out focus does not go on from where something stood: the stop is gone to as by Tab.
        document.body.dispatchEvent(
          new KeyboardEvent('keydown', {
            key: 'Tab',
            code: 'Tab',
            bubbles: true,
            composed: true,
            cancelable: true,
          }),
        );
        element.focus();
      });
    },
    async click(what, index = 0) {
      const widget = find();
      const item = widget.items?.()[index];
      const element = what === 'opener' ? widget.opener : what === 'item' ? item : widget.root;
      return element ? act(() => pressPointer(element)) : fail('there is nothing to press');
    },
    async hover() {
      const { opener } = find();
      if (opener) hover(opener);
      await later();
    },
    pressOutside: () => act(() => pressPointer(document.body)),
    async until(test) {
      let now = await facts();
      for (let look = 0; look < looks && !test(now); look++) {
        await new Promise((resolve) => setTimeout(resolve, 50));
        await later();
        now = await facts();
      }
      return now;
    },
    stopCount: () => Promise.resolve(stopCount(find().root)),
    async reset() {
      pressKey('Escape');
      await later();
      const now = focused();
      if (now instanceof HTMLElement) now.blur();
      before.restore();
      await again?.();
      await later();
      said.length = 0;
      places = [];
      stage.heard = '';
    },
    release() {
      stopHearing();
      end.remove();
    },
  };
  return stage;
}
