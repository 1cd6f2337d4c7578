import { useDialog } from 'elastic-shell/react';
import { useState } from 'react';

export function Controlled() {
  const [open, setOpen] = useState(false);
  const tides = useDialog({ open: [open, setOpen] });
  return (
    <>
      <button {...tides.opener()}>Tide times</button>
      <p>The dialog is {open ? 'open' : 'closed'}.</p>
      <dialog {...tides.root}>
        <h2>Tide times</h2>
        <button onClick={() => setOpen(false)}>Close</button>
      </dialog>
    </>
  );
}
