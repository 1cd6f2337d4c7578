// The same with the first dialog of the library.
import { useDialog } from 'elastic-shell/react';
import { useState } from 'react';
import { createRoot } from 'react-dom/client';

function App() {
  const [struck, setStruck] = useState(0);
  const dialog = useDialog({ onChange: () => setStruck(struck + 1) });
  return (
    <>
      <button {...dialog.opener()}>Strike… ({struck})</button>
      <dialog {...dialog.root}>
        <h2>Strike order 42?</h2>
        <button {...dialog.closer('keep')}>Keep</button>
      </dialog>
    </>
  );
}
createRoot(document.body).render(<App />);
