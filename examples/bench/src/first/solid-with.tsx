// The same with the first dialog of the library.
import { createDialog } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';
import { render } from 'solid-js/web';

function App() {
  const [struck, setStruck] = createSignal(0);
  const dialog = createDialog({ onChange: () => setStruck(struck() + 1) });
  return (
    <>
      <button {...dialog.opener()}>Strike… ({struck()})</button>
      <dialog {...dialog.root}>
        <h2>Strike order 42?</h2>
        <button {...dialog.closer('keep')}>Keep</button>
      </dialog>
    </>
  );
}
render(() => <App />, document.body);
