// The notice in place of content that has not loaded: a progress indicator when loading takes long, or a
// message with a retry button after a failure.

import { type Speaker, speaker } from '../announce/speaker.js';
import { markMade } from '../engine/made.js';

/** The texts of the notice. */
export interface LoadWords {
  loading(): string;
  retry(): string;
  failed(error: unknown): string;
}

/** The notice in place of content that has not loaded. */
export interface LoadNotice {
  /** Shows a progress indicator, if nothing arrives for a while. */
  wait(): void;
  stopWaiting(): void;
  /** Shows a message about a failure, with a retry button. */
  fail(error: unknown, retry: () => void): void;
  clear(): void;
  holds(element: Element | null): boolean;
  isShown(): boolean;
}

/**
 * How long it takes until the progress indicator is shown, in milliseconds. For content that arrives sooner
 * it would only flicker.
 */
const patience = 120;

/** Creates a notice at the end of `place`. */
export function loadNotice(place: HTMLElement, say: LoadWords): LoadNotice {
  const document = place.ownerDocument;
  let notice: HTMLElement | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const make = (tag: string, ...children: (Node | string)[]): HTMLElement => {
    const element = document.createElement(tag);
    element.append(...children);
    return element;
  };
  /** Announces the progress text while it is shown, because the label of a `<progress>` is not announced. */
  let spoken: Speaker | undefined;
  const clear = (): void => {
    notice?.remove();
    notice = undefined;
    spoken?.release();
    spoken = undefined;
  };
  /** Shows a text. A button with focus stays in place, and so does focus. */
  const show = (...children: (Node | string)[]): void => {
    const button = notice?.querySelector('button');
    if (notice && button && button === document.activeElement) {
      for (const node of [...notice.childNodes]) if (node !== button) node.remove();
      button.before(...children.filter((child) => child !== button));
      return;
    }
    clear();
    notice = markMade(make('div', ...children));
    notice.setAttribute('data-notice', '');
    place.append(notice);
  };

  return {
    wait() {
      timer = setTimeout(() => {
        show(make('label', say.loading(), document.createElement('progress')));
        notice?.querySelector('button')?.setAttribute('aria-disabled', 'true');
        spoken ??= speaker(document, (region) => place.append(markMade(region)));
        spoken.say(say.loading());
      }, patience);
    },
    stopWaiting: () => clearTimeout(timer),
    fail(error, again) {
      spoken?.say('');
      const message = make('p', say.failed(error));
      message.setAttribute('role', 'alert');
      const retry = notice?.querySelector('button') ?? document.createElement('button');
      retry.textContent = say.retry();
      retry.type = 'button';
      retry.removeAttribute('aria-disabled');
      retry.onclick = again;
      show(message, retry);
    },
    clear,
    isShown: () => !!notice,
    holds: (element) => !!notice?.contains(element),
  };
}
