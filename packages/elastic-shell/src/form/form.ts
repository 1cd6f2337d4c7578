// Parts of a form that are no form controls of the platform's own: they send values and hear of a reset.
//
// They take part by the form's own events (`formdata`, `submit`, `reset`), heard on the document, so that a form may come
// and go around them.
import { isElement, targetOf } from '../engine/dom.js';
import { listenIn } from '../events/document-events.js';
import type { Handlers } from '../events/listen.js';

/** What takes part in a form. */
export interface Member {
  /** What it sends now: one value, several, or nothing. */
  value(): string | readonly string[] | undefined;
  reset(): void;
  /** The name it sends under. Default: its attribute. */
  name?: string | undefined;
  /** It is not asked now. */
  isDisabled?(): boolean;
  /** What is missing, in words; nothing where the form may be sent. */
  missing?(): string | undefined;
  /** Why the form may not be sent; it shows that, and takes focus. For what the platform cannot check. */
  refuse?(): boolean;
}

/** An element that takes part in a form for what is wired in it. */
export interface FormHost {
  /** It sends the value itself, under its own name. */
  isSent(): boolean;
  join(member: Member): () => void;
}

/** By wired root, the element around it that takes part in a form for it. */
export const formHosts = new WeakMap<Element, FormHost>();

/** The form that an element belongs to: by its attribute `form` where it has one, else the one around it. */
const formOf = (element: Element): Element | null =>
  'form' in element && isElement(element.form) ? element.form : element.closest('form');

/** Has `element` take part in its form until released. */
export function takePart(element: Element, member: Member): () => void {
  const host = formHosts.get(element);
  const leave = host?.join(member);
  const isIn = ({ target }: Event): boolean => !!target && target === formOf(element);
  const heard: Handlers = {
    formdata(event) {
      const name = member.name ?? element.getAttribute('name');
      if (host?.isSent() || !isIn(event) || !name || member.isDisabled?.() || element.closest(':disabled'))
        return;
      for (const value of [member.value() ?? []].flat()) event.formData.append(name, value);
    },
    submit(event) {
      const isUnchecked =
        targetOf(event)?.hasAttribute('novalidate') || event.submitter?.hasAttribute('formnovalidate');
      if (event.defaultPrevented || isUnchecked || !isIn(event) || member.isDisabled?.()) return;
      if (!member.refuse?.()) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    },
    /** Heard before the form itself is reset. */
    reset(event) {
      if (!host && isIn(event)) setTimeout(member.reset);
    },
  };
  const release = listenIn(element.ownerDocument, heard, ['formdata', 'reset']);
  return () => {
    leave?.();
    release();
  };
}
