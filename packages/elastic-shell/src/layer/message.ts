// A message inside a layer, announced: the author's own role=alert, or one that is made for it.
import { failureText } from '../core/text.js';
import type { Service } from '../engine/service.js';

/** The options of messages in a layer. */
export interface MessageOptions {
  /** The words of a failure. Default: the error's own message. */
  messages?: {
    /** The words shown in it when a guard fails. Default: the error's own message. */
    failed?(error: unknown): string;
  };
}

/** `service`, with the error of a guard shown and announced in the layer until the next wish. */
export function withMessage<S>(
  { root, options }: { readonly root: HTMLElement; readonly options: MessageOptions },
  service: Service<S>,
): Service<S> {
  let made: Element | undefined;
  const find = (): Element | null => root.querySelector('[role=alert]:not([data-notice] *)');
  /** The author's own alert is emptied: it is there for messages only. */
  const clear = (): void => {
    made?.remove();
    find()?.replaceChildren();
  };
  const make = (): Element => {
    made = root.ownerDocument.createElement('p');
    made.setAttribute('role', 'alert');
    const footer = root.querySelector('footer');
    if (footer) footer.before(made);
    else root.append(made);
    return made;
  };
  return {
    ...service,
    asked: clear,
    refused(error) {
      service.refused?.(error);
      if (error === undefined) return false;
      const place = find() ?? make();
      place.textContent = (options.messages?.failed ?? failureText)(error);
      return true;
    },
    release() {
      service.release?.();
      clear();
    },
  };
}
