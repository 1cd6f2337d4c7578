// A row of the yard's orders with a menu and a dialog of its own, with hooks and with plain elements.
import { useDialog, useMenu } from 'elastic-shell/react';
import { useState } from 'react';
import type { createRoot } from 'react-dom/client';

function OurRow({ at }: { at: number }) {
  const menu = useMenu();
  const strike = useDialog();
  return (
    <li>
      <button {...menu.opener()}>Order {at}</button>
      <div {...menu.root}>
        <button {...menu.item('edit')}>Edit</button>
        <button {...menu.item('copy')}>Copy</button>
        <button {...menu.item('send')}>Send</button>
      </div>
      <button {...strike.opener()}>Strike…</button>
      <dialog {...strike.root}>
        <h2>Strike order {at}?</h2>
        <button {...strike.closer('keep')}>Keep</button>
      </dialog>
    </li>
  );
}

function PlainRow({ at }: { at: number }) {
  const [picked, pick] = useState('');
  return (
    <li>
      <button popoverTarget={`m${at}`}>Order {at}</button>
      <div popover="auto" id={`m${at}`} data-picked={picked}>
        <button onClick={() => pick('edit')}>Edit</button>
        <button onClick={() => pick('copy')}>Copy</button>
        <button onClick={() => pick('send')}>Send</button>
      </div>
      <button
        aria-haspopup="dialog"
        onClick={() => document.querySelector<HTMLDialogElement>(`#d${at}`)?.showModal()}
      >
        Strike…
      </button>
      <dialog id={`d${at}`} aria-labelledby={`t${at}`}>
        <h2 id={`t${at}`}>Strike order {at}?</h2>
        <button onClick={({ currentTarget }) => currentTarget.closest('dialog')?.close('keep')}>Keep</button>
      </dialog>
    </li>
  );
}

let again = (): void => {};

function List({ count, isOurs }: { count: number; isOurs: boolean }) {
  const [turn, setTurn] = useState(0);
  again = () => setTurn(turn + 1);
  const Row = isOurs ? OurRow : PlainRow;
  return (
    <ol data-turn={turn}>
      {Array.from({ length: count }, (_, at) => (
        <Row key={at} at={at} />
      ))}
    </ol>
  );
}

export const rows = (root: ReturnType<typeof createRoot>, isOurs: boolean) => ({
  rows: (count: number) => root.render(<List count={count} isOurs={isOurs} />),
  again: () => again(),
  end: () => root.render(null),
});
