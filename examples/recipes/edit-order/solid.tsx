import type { DialogOptions } from 'elastic-shell';
import { createDialog } from 'elastic-shell/solid';
import { createSignal, type JSX } from 'solid-js';

export type YardModalProps = {
  title: string;
  /** The width: narrow, medium, wide or full. Default: medium. */
  size?: DialogOptions['size'];
  /** The state, which the parent controls. It is set before the dialog opens or closes. */
  open: boolean;
  onOpenChange(open: boolean): void;
  /** Called before it closes. Return false to keep it open. If it throws, the dialog shows the message. */
  mayClose?(result: string | null): boolean | Promise<boolean>;
  /** The footer. It gets a function that makes a button close the dialog with a result. */
  footer(closer: (result?: string) => object, isBusy: () => boolean): JSX.Element;
  children: JSX.Element;
};

/** A dialog with slots: a title, scrolling content and a footer. */
export function YardModal(props: YardModalProps) {
  const modal = createDialog({
    size: props.size ?? 'medium',
    open: [() => props.open, (open) => props.onOpenChange(open)],
    guard: ({ value: opens, result }) => opens === true || (props.mayClose?.(result ?? null) ?? true),
  });
  return (
    <dialog {...modal.root}>
      <header>
        <h2>{props.title}</h2>
        <button {...modal.closer()} aria-label="Close">
          ×
        </button>
      </header>
      <div>{props.children}</div>
      <footer>{props.footer(modal.closer, () => modal.busy)}</footer>
    </dialog>
  );
}

const order = { title: 'New rudder', notes: '' };

/** A form in a dialog, which asks before it discards changes. */
export function EditOrder() {
  const [saved, setSaved] = createSignal(order);
  const [draft, setDraft] = createSignal(order);
  const [open, setOpen] = createSignal(false);
  const [form, setForm] = createSignal<HTMLFormElement>();
  const discard = createDialog({ size: 'narrow' });

  const mayClose = async (result: string | null) => {
    if (result === 'save') {
      if (!form()?.reportValidity()) return false;
      const response = await fetch('/yard/orders/W1041', { method: 'PUT', body: JSON.stringify(draft()) });
      if (!response.ok) throw new Error('The office did not take it. Nothing is lost: try again.');
      setSaved(draft());
      return true;
    }
    const isChanged = draft().title !== saved().title || draft().notes !== saved().notes;
    if (isChanged && (await discard.ask()) !== 'discard') return false;
    setDraft(saved());
    return true;
  };

  return (
    <div>
      <button type="button" onClick={() => setOpen(true)}>
        Edit order
      </button>{' '}
      <output>{saved().title}</output>
      <YardModal
        title="Edit order W1041"
        size="wide"
        open={open()}
        onOpenChange={setOpen}
        mayClose={mayClose}
        footer={(closer, isBusy) => (
          <>
            <button {...closer('cancel')}>Cancel</button>
            <button {...closer('save')}>{isBusy() ? 'Saving…' : 'Save'}</button>
          </>
        )}
      >
        <form ref={setForm}>
          <label>
            Title{' '}
            <input
              value={draft().title}
              onInput={({ target }) => setDraft({ ...draft(), title: target.value })}
              required
            />
          </label>
          <label>
            Notes{' '}
            <textarea
              value={draft().notes}
              onInput={({ target }) => setDraft({ ...draft(), notes: target.value })}
            />
          </label>
        </form>
      </YardModal>
      <dialog {...discard.root} role="alertdialog">
        <header>
          <h2>Throw the changes away?</h2>
        </header>
        <div>
          <p>What you typed is not saved yet.</p>
        </div>
        <footer>
          <button {...discard.closer('back')}>Go on editing</button>
          <button {...discard.closer('discard')}>Throw away</button>
        </footer>
      </dialog>
    </div>
  );
}
