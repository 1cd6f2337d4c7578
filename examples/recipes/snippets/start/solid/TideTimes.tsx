import 'elastic-shell/structure.css'; // the layout that dialogs need
import 'elastic-shell/skin.css'; // optional: a look
import { createDialog } from 'elastic-shell/solid';

export function TideTimes() {
  const tides = createDialog();
  return (
    <>
      <button {...tides.opener()}>Tide times</button>
      <dialog {...tides.root}>
        <h2>Tide times</h2>
        <p>High water is at 06:12 and again at 18:40.</p>
        <button {...tides.closer()}>Close</button>
      </dialog>
    </>
  );
}
