// A live region that is not seen, and what says words in it. It imports nothing: a page that has it loaded late has nothing to share with it.

/** Says things to those who hear the page rather than see it. */
export interface Speaker {
  /** Says words after a quiet moment; '' takes back what is waiting, and empties the region. */
  say(words: string): void;
  /** The region, which is put in its place if it is not there. */
  region(): HTMLElement;
  release(): void;
}

/** Milliseconds of quiet before something is said: of several in a row the last. */
const quiet = 250;

/** Milliseconds after which words are taken away again: Chromium announces what stands in a region when a modal dialog has closed. */
const stay = 3000;

/**
 * Says things in a region that `put` places, marked as made, when it is first needed. It is there before its words are, or they would not
 * be heard.
 */
export function speaker(document: Document, put: (region: HTMLElement) => void): Speaker {
  let made: HTMLElement | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isOver = false;
  const region = (): HTMLElement => {
    // With what it is in, it may be out of the document for a while.
    if (made && (isOver || made.parentNode)) return made;
    made = document.createElement('div');
    made.setAttribute('role', 'status');
    made.setAttribute('data-spoken', '');
    // It may still be asked for while what it is for is unwired.
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
