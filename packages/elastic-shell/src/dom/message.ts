// A message inside a layer, announced: the author's own role=alert, or one that is made for it.
import { failureText } from '../core/text.js';

export interface Alert {
  /** Shows and announces what went wrong; false when there is no error to speak of. */
  show(error: unknown): boolean;
  /** Takes the message away. The author's own alert is emptied: it is there for messages only. */
  clear(): void;
}

/** The place for messages in `root`. `words` makes the sentence; by default the error's own message. */
export function alertIn(root: Element, words: (error: unknown) => string = failureText): Alert {
  let made: Element | undefined;
  const find = (): Element | null => root.querySelector('[role=alert]');
  return {
    show(error) {
      if (error === undefined) return false;
      if (!find()) {
        made = root.ownerDocument.createElement('p');
        made.setAttribute('role', 'alert');
        const footer = root.querySelector('footer');
        if (footer) footer.before(made);
        else root.append(made);
      }
      find()!.textContent = words(error);
      return true;
    },
    clear() {
      made?.remove();
      find()?.replaceChildren();
    },
  };
}
