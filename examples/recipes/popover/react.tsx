import { usePopover } from 'elastic-shell/react';

/** A popover beside its button. It can contain links and fields, and the page stays usable. */
export function BerthNote() {
  const note = usePopover();
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
