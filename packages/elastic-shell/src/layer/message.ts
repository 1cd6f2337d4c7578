// A message inside a layer, announced: the author's own role=alert, or one that is made for it.
import { failureText } from '../core/text.js';
import type { Engine, Service } from '../engine/engine.js';

export interface MessageOptions {
  messages?: {
    /** The words shown in it when a guard fails. Default: the error's own message. */
    failed?(error: unknown): string;
  };
}

/** `service`, with the error of a guard shown and announced in the layer until the next wish. */
export function withMessage(
  { root, options }: Pick<Engine<object, MessageOptions>, 'root' | 'options'>,
  service: Service,
): Service {
  let made: Element | undefined;
  const find = (): Element | null => root.querySelector('[role=alert]:not([data-notice] *)');
  /** The author's own alert is emptied: it is there for messages only. */
  const clear = (): void => {
    made?.remove();
    find()?.replaceChildren();
  };
  return {
    ...service,
    asked: clear,
    refused(error) {
      service.refused?.(error);
      if (error === undefined) return false;
      if (!find()) {
        made = root.ownerDocument.createElement('p');
        made.setAttribute('role', 'alert');
        const footer = root.querySelector('footer');
        if (footer) footer.before(made);
        else root.append(made);
      }
      find()!.textContent = (options.messages?.failed ?? failureText)(error);
      return true;
    },
    release() {
      service.release?.();
      clear();
    },
  };
}
