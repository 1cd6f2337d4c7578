// A message inside a layer, announced: in the author's `[data-message]`, or in a paragraph that is made for it.
//
// What is put there is taken away again by itself: nothing of the author's, a role=alert of his own least of all, is
// emptied or overwritten, which a framework that has rendered it would not survive.
import { failureText } from '../core/text.js';
import { markMade } from '../engine/made.js';
import type { Service } from '../engine/service.js';

/** The options of messages in a layer. */
export interface MessageOptions {
  /** The words of a failure. Default: the error's own message. */
  messages?: {
    /** The words shown in it when a guard fails. Default: the error's own message. */
    failed?(error: unknown): string;
  };
}

/** Where the words go: a text in the author's own alert, else a paragraph, in the place he gives or before the footer. */
function makeMessage(root: HTMLElement): ChildNode {
  const document = root.ownerDocument;
  const place = root.querySelector('[data-message]');
  if (place?.matches('[role=alert]')) {
    const text = document.createTextNode('');
    place.append(text);
    return text;
  }
  const made = markMade(document.createElement('p'));
  made.setAttribute('role', 'alert');
  const footer = root.querySelector('footer');
  if (place) place.append(made);
  else if (footer) footer.before(made);
  else root.append(made);
  return made;
}

/** `service`, with the error of a guard shown and announced in the layer until the next wish. */
export function withMessage<S>(
  { root, options }: { readonly root: HTMLElement; readonly options: MessageOptions },
  service: Service<S>,
): Service<S> {
  let made: ChildNode | undefined;
  const clear = (): void => {
    made?.remove();
    made = undefined;
  };
  return {
    ...service,
    asked() {
      service.asked?.();
      clear();
    },
    refused(error) {
      service.refused?.(error);
      if (error === undefined) return false;
      if (!made?.isConnected) made = makeMessage(root);
      made.textContent = (options.messages?.failed ?? failureText)(error);
      return true;
    },
    release() {
      service.release?.();
      clear();
    },
  };
}
