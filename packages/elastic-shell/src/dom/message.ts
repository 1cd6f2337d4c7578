// A message inside a layer, announced: the author's own role=alert, or one that is made for it.
import { failureText } from '../core/text.js';

export interface Alert {
  /** Shows and announces what went wrong; false when there is no error to speak of. */
  show(error: unknown): boolean;
  clear(): void;
}

/** The place for messages in `root`. `words` makes the sentence; by default the error's own message. */
export function alertIn(root: Element, words: (error: unknown) => string = failureText): Alert {
  let made: Element | undefined;
  let before: string | null | undefined;
  let element: Element | null;
  return {
    show(error) {
      if (error === undefined) return false;
      element = root.querySelector('[role=alert]');
      if (!element) {
        element = made = root.ownerDocument.createElement('p');
        made.setAttribute('role', 'alert');
        const footer = root.querySelector('footer');
        if (footer) footer.before(made);
        else root.append(made);
      }
      before ??= element.textContent;
      element.textContent = words(error);
      return true;
    },
    clear() {
      if (element && before !== undefined) element.textContent = before;
      made?.remove();
      made = before = undefined;
      element = null;
    },
  };
}
