import { createDialog } from 'elastic-shell/solid';

/** A dialog and the button that opens it. */
export function TideTimes() {
  const tides = createDialog();
  return (
    <>
      <button {...tides.opener()}>Tide times</button>
      <dialog {...tides.root}>
        <header>
          <h2>Tide times</h2>
          <button {...tides.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <div>
          <p>High water is at 06:12 and again at 18:40.</p>
        </div>
        <footer>
          <button {...tides.closer('read')}>Understood</button>
        </footer>
      </dialog>
    </>
  );
}
