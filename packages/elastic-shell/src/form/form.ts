// Parts of a form that are no form controls of the platform's own: they send values and hear of a reset.
import { listenIn } from '../events/document-events.js';

export interface Member {
  /** What it sends now: one value, several, or nothing. */
  value(): string | readonly string[] | undefined;
  reset(): void;
  /** The name it sends under. Default: its attribute. */
  name?: string | undefined;
  /** It is not asked now. */
  isDisabled?(): boolean;
  /** Why the form may not be sent; it shows that, and takes focus. For what the platform cannot check. */
  refuse?(): boolean;
}

/** Has `element` take part in its form until released. */
export function takePart(element: Element, member: Member): () => void {
  const isIn = ({ target }: Event): boolean =>
    target === ((element as HTMLButtonElement).form ?? element.closest('form'));
  const heard = {
    formdata(event: FormDataEvent) {
      const name = member.name ?? element.getAttribute('name');
      if (!isIn(event) || !name || member.isDisabled?.() || element.closest(':disabled')) return;
      for (const value of [member.value() ?? []].flat()) event.formData.append(name, value);
    },
    submit(event: SubmitEvent) {
      const isUnchecked =
        (event.target as HTMLFormElement).noValidate || event.submitter?.hasAttribute('formnovalidate');
      if (event.defaultPrevented || isUnchecked || !isIn(event) || member.isDisabled?.()) return;
      if (!member.refuse?.()) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    },
    /** Heard before the form itself is reset. */
    reset(event: Event) {
      if (isIn(event)) setTimeout(member.reset);
    },
  };
  return listenIn(element.ownerDocument, heard, ['formdata', 'reset']);
}
