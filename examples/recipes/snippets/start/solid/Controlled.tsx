import { createDialog } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';

export function Controlled() {
  const [open, setOpen] = createSignal(false);
  const tides = createDialog({ open: [open, setOpen] });
  return (
    <>
      <button {...tides.opener()}>Tide times</button>
      <p>The dialog is {open() ? 'open' : 'closed'}.</p>
      <dialog {...tides.root}>
        <h2>Tide times</h2>
        <button onClick={() => setOpen(false)}>Close</button>
      </dialog>
    </>
  );
}
