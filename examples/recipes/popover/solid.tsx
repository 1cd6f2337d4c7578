import { createPopover } from 'elastic-shell/solid';

/** A note beside its button. It may hold anything that takes focus; the page stays live. */
export function BerthNote() {
  const note = createPopover();
  return (
    <>
      <button {...note.opener()}>Berth four</button>
      <div {...note.root}>
        <h2>Berth four</h2>
        <p>Lies along the old quay wall and dries to mud at springs.</p>
        <p>
          <a href="#chart">The chart</a> shows it.
        </p>
      </div>
    </>
  );
}
