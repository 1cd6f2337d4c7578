// Parts of a form that are no form controls of the platform's own: they send values and hear of a reset.

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

const members = new Map<Element, Member>();

const formOf = (element: Element): Element | null =>
  (element as HTMLButtonElement).form ?? element.closest('form');
const of = (form: EventTarget | null): [Element, Member][] =>
  [...members].filter(([element]) => formOf(element) === form);

const heard: Record<string, (event: Event) => void> = {
  formdata({ target, formData }: Event & { formData?: FormData }) {
    for (const [element, member] of of(target)) {
      const name = member.name ?? element.getAttribute('name');
      if (!name || member.isDisabled?.() || element.closest(':disabled')) continue;
      for (const value of [member.value() ?? []].flat()) formData!.append(name, value);
    }
  },
  submit(event) {
    const form = event.target as HTMLFormElement;
    if (form.noValidate || (event as SubmitEvent).submitter?.hasAttribute('formnovalidate')) return;
    const [refused] = of(form).filter(([, member]) => !member.isDisabled?.() && member.refuse?.());
    if (!refused) return;
    event.preventDefault();
    event.stopImmediatePropagation();
  },
  /** Heard before the form itself is reset. */
  reset({ target }) {
    setTimeout(() => of(target).forEach(([, member]) => member.reset()));
  },
};

/** Has `element` take part in its form until released. */
export function takePart(element: Element, member: Member): () => void {
  const document = element.ownerDocument;
  const turn = (act: 'addEventListener' | 'removeEventListener'): void => {
    for (const type in heard) document[act](type, heard[type]!, type === 'submit');
  };
  members.set(element, member);
  turn('addEventListener');
  return () => {
    members.delete(element);
    if (![...members.keys()].some((other) => other.ownerDocument === document)) turn('removeEventListener');
  };
}
