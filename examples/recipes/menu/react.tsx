import { useMenu } from 'elastic-shell/react';
import { useState } from 'react';

/** A menu of actions behind a button. The page shows the chosen action. */
export function BoatActions() {
  const [picked, setPicked] = useState('');
  const menu = useMenu({ onPick: ({ key }) => setPicked(key) });
  return (
    <>
      <button {...menu.opener()}>Boat</button>
      <div {...menu.root} aria-label="Boat">
        <button {...menu.item('lift')}>Lift</button>
        <button {...menu.item('launch')}>Launch</button>
        <button {...menu.item('scrap')} aria-disabled="true">
          Break up
        </button>
        <hr {...menu.separator} />
        <button {...menu.checkbox('lights')}>Lights</button>
      </div>
      <output>{picked}</output>
    </>
  );
}
