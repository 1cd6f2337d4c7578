// An invisible live region and its messages. This module imports nothing, so a page that loads it late shares
// no code with it.

/** Announces messages to people who use a screen reader. */
export interface Speaker {
  /**
   * Announces a text when nothing has changed for a moment. An empty text cancels a waiting message and
   * empties the region.
   */
  say(words: string): void;
  /** Returns the region, and inserts it if it is missing. */
  region(): HTMLElement;
  release(): void;
}

/**
 * How long nothing must change before the message is announced, in milliseconds. Of several messages the last
 * one counts.
 */
const quiet = 250;

/**
 * How long the text stays in the region, in milliseconds. Chromium announces the content of a region when a
 * modal dialog has closed.
 */
const stay = 3000;

/**
 * Announces messages in a region that `put` inserts on first use, marked as created. It must be in the page
 * before its text, or the text is not announced.
 */
export function speaker(document: Document, put: (region: HTMLElement) => void): Speaker {
  let made: HTMLElement | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isOver = false;
  const region = (): HTMLElement => {
    // Together with its container it may be out of the document for a while.
    if (made && (isOver || made.parentNode)) return made;
    made = document.createElement('div');
    made.setAttribute('role', 'status');
    made.setAttribute('data-spoken', '');
    // It may still be called while its pattern is being unwired.
    if (!isOver) put(made);
    return made;
  };
  return {
    region,
    say(text) {
      clearTimeout(timer);
      if (!text && !made?.parentNode) return;
      const place = region();
      timer = setTimeout(() => {
        place.textContent = text;
        timer = setTimeout(() => (place.textContent = ''), stay);
      }, quiet);
    },
    release() {
      isOver = true;
      clearTimeout(timer);
      made?.remove();
    },
  };
}
