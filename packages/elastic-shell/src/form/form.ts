// Form members that aren't native controls: they submit values and are reset. They use the form's events
// (`formdata`, `submit`, `reset`) on the document, so that forms can be added and removed around them.
import { isElement, targetOf } from '../engine/dom.js';
import { listenIn } from '../events/document-events.js';
import type { Handlers } from '../events/listen.js';

/** A member of a form. */
export interface Member {
  /** Returns the submitted value: one, several, or none. */
  value(): string | readonly string[] | undefined;
  reset(): void;
  /**
   * Returns the name to submit it under.
   *
   * @defaultValue its attribute
   */
  name?: string | undefined;
  /** Returns whether it isn't submitted now. */
  isDisabled?(): boolean;
  /** Returns a message if it is missing, or undefined. */
  missing?(): string | undefined;
  /** Shows why the form can't be submitted, and takes focus, for members that the platform can't validate. */
  refuse?(): boolean;
}

/** An element that takes part in a form for the pattern wired in it. */
export interface FormHost {
  /** Returns whether it submits the value itself, under its own name. */
  isSent(): boolean;
  join(member: Member): () => void;
}

/** By wired root, the element around it that takes part in a form for it. */
export const formHosts = new WeakMap<Element, FormHost>();

/** Returns the form of an element: the one that its attribute `form` names, or the one around it. */
const formOf = (element: Element): Element | null =>
  'form' in element && isElement(element.form) ? element.form : element.closest('form');

/**
 * Makes an element a member of its form.
 *
 * @param element - The element.
 * @param member - Its value, name and validation.
 * @returns A function that ends this.
 */
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
    /** Listens before the form itself is reset. */
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
