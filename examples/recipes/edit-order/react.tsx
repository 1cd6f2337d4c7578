import { useDialog } from 'elastic-shell/react';
import { useRef, useState } from 'react';
import { YardModal } from './YardModal';

const order = { title: 'New rudder', notes: '' };

/** A form in a dialog, which asks before it discards changes. */
export function EditOrder() {
  const [saved, setSaved] = useState(order);
  const [draft, setDraft] = useState(order);
  const [open, setOpen] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const discard = useDialog({ size: 'narrow' });

  const mayClose = async (result: string | null) => {
    if (result === 'save') {
      if (!form.current?.reportValidity()) return false;
      const response = await fetch('/yard/orders/W1041', { method: 'PUT', body: JSON.stringify(draft) });
      if (!response.ok) throw new Error('The office did not take it. Nothing is lost: try again.');
      setSaved(draft);
      return true;
    }
    const isChanged = draft.title !== saved.title || draft.notes !== saved.notes;
    if (isChanged && (await discard.ask()) !== 'discard') return false;
    setDraft(saved);
    return true;
  };

  return (
    <div>
      <button type="button" onClick={() => setOpen(true)}>
        Edit order
      </button>{' '}
      <output>{saved.title}</output>
      <YardModal
        title="Edit order W1041"
        size="wide"
        open={open}
        onOpenChange={setOpen}
        mayClose={mayClose}
        footer={(closer, isBusy) => (
          <>
            <button {...closer('cancel')}>Cancel</button>
            <button {...closer('save')}>{isBusy ? 'Saving…' : 'Save'}</button>
          </>
        )}
      >
        <form ref={form}>
          <label>
            Title{' '}
            <input
              value={draft.title}
              onChange={({ target }) => setDraft({ ...draft, title: target.value })}
              required
            />
          </label>
          <label>
            Notes{' '}
            <textarea
              value={draft.notes}
              onChange={({ target }) => setDraft({ ...draft, notes: target.value })}
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
