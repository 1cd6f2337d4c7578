import { useMenu, useMenubar } from 'elastic-shell/react';
import { useState } from 'react';

/** The commands of a boatyard, in a row of menus. */
export function YardBar() {
  const [picked, setPicked] = useState('');
  const onPick = ({ key }: { key: string }) => setPicked(key);
  const bar = useMenubar();
  const order = useMenu({ onPick });
  const boat = useMenu({ onPick });
  return (
    <>
      <div {...bar.root} aria-label="Yard">
        <button {...bar.item('order')} {...order.opener()}>
          Order
        </button>
        <button {...bar.item('boat')} {...boat.opener()}>
          Boat
        </button>
        <button {...bar.item('help')} onClick={() => setPicked('help')}>
          Help
        </button>
      </div>
      <div {...order.root} aria-label="Order">
        <button {...order.item('new')}>New</button>
        <button {...order.item('strike')}>Strike</button>
      </div>
      <div {...boat.root} aria-label="Boat">
        <button {...boat.item('lift')}>Lift</button>
        <button {...boat.item('launch')}>Launch</button>
      </div>
      <output>{picked}</output>
    </>
  );
}
