// An application with a dialog of the platform alone.
import { useRef, useState } from 'react';
import { createRoot } from 'react-dom/client';

function App() {
  const [struck, setStruck] = useState(0);
  const dialog = useRef<HTMLDialogElement>(null);
  return (
    <>
      <button onClick={() => dialog.current?.showModal()}>Strike… ({struck})</button>
      <dialog ref={dialog} onClose={() => setStruck(struck + 1)}>
        <h2>Strike order 42?</h2>
        <button onClick={() => dialog.current?.close('keep')}>Keep</button>
      </dialog>
    </>
  );
}
createRoot(document.body).render(<App />);
