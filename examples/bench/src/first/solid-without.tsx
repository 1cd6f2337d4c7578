// An application with a dialog of the platform alone.
import { createSignal } from 'solid-js';
import { render } from 'solid-js/web';

function App() {
  const [struck, setStruck] = createSignal(0);
  let dialog: HTMLDialogElement | undefined;
  return (
    <>
      <button onClick={() => dialog?.showModal()}>Strike… ({struck()})</button>
      <dialog ref={(element) => (dialog = element)} on:close={() => setStruck(struck() + 1)}>
        <h2>Strike order 42?</h2>
        <button onClick={() => dialog?.close('keep')}>Keep</button>
      </dialog>
    </>
  );
}
render(() => <App />, document.body);
