// An announced message inside a layer, shown in the author's `[data-message]` or in a paragraph that is
// created for it. The text is removed again by the code that inserted it. Nothing that the author wrote,
// such as a role=alert, is emptied or overwritten: a framework that rendered it would fail.
import { failureText } from '../core/text.js';
import { markMade } from '../engine/made.js';
import type { Service } from '../engine/service.js';

/** The options for messages in a layer. */
export interface MessageOptions {
  /** Returns the text for a failure. Default: the message of the error. */
  messages?: {
    /** The message that is shown inside the layer when a guard fails. Default: the message of the error. */
    failed?(error: unknown): string;
  };
}

/**
 * Returns where the text goes: the author's own alert, or a paragraph at the place he chose or before the
 * footer.
 */
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

/** Adds the error of a guard to a layer, shown and announced until the next request. */
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
