// What docs/frameworks/elements.md shows of elements in React.
import { useShellElement } from 'elastic-shell/elements/react';
import { useEffect, useState } from 'react';
import { hydrateRoot } from 'react-dom/client';

export function Ladder({ allowed }: { allowed(): boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <shell-disclosure
      open={open}
      guard={allowed}
      onshell-change={({ detail }) => detail.name === 'open' && setOpen(detail.value)}
      onshell-refuse={({ detail }) => detail.name === 'open' && setOpen(detail.previous)}
    >
      <button type="button" commandfor="ladder" command="--toggle">
        Where the ladder is
      </button>
      <div id="ladder" hidden>
        Behind the sail loft.
      </div>
    </shell-disclosure>
  );
}

export function FromAServer({ guard }: { guard(): boolean }) {
  const ref = useShellElement<'shell-dialog'>({ guard });
  return (
    <shell-dialog ref={ref}>
      <dialog id="tides">
        <h2>Tide times</h2>
      </dialog>
    </shell-dialog>
  );
}

/** The outermost component: the wait is over once it has been taken over. */
function Page({ target }: { target: Element }) {
  useEffect(() => target.removeAttribute('data-wire-wait'), [target]);
  return <FromAServer guard={() => true} />;
}

export const takeOver = (target: Element) => hydrateRoot(target, <Page target={target} />);
