import type { MenuPick } from 'elastic-shell';
import { useMenu } from 'elastic-shell/react';
import { useState } from 'react';

const orders = [
  { id: 'W1041', title: 'new rudder' },
  { id: 'W1042', title: 'windows' },
];

/** Actions of a row, behind a button in it, and where the row is pressed for them. */
export function OrderRows() {
  const [picked, setPicked] = useState('');
  const say = ({ key, about }: MenuPick) =>
    // What the menu is about: the button it was opened by, or where the row was pressed.
    setPicked(`${key} ${about?.closest('[data-order]')?.getAttribute('data-order') ?? ''}`);
  const menu = useMenu({ context: '[data-order]', onPick: say });
  const move = useMenu({ onPick: say });
  return (
    <>
      <ul>
        {orders.map(({ id, title }) => (
          <li key={id} data-order={id}>
            {id}, {title}{' '}
            <button {...menu.opener()} aria-label={`More for ${id}`}>
              ⋯
            </button>
          </li>
        ))}
      </ul>
      <div {...menu.root} aria-label="Order">
        <button {...menu.item('edit')}>Edit</button>
        <button {...menu.item('move')} {...move.branch()}>
          Move to
        </button>
        <div {...move.root} aria-label="Move to">
          <button {...move.item('today')}>Today</button>
          <button {...move.item('later')}>Later</button>
        </div>
      </div>
      <output>{picked}</output>
    </>
  );
}
