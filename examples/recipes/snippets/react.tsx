// What docs/frameworks/react.md shows.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css'; // optional: the look
import type { Item } from 'elastic-shell';
import { Content, Defaults, Rows, useDialog, useListbox, usePopover } from 'elastic-shell/react';
import { useState } from 'react';

type Order = { id: string; remove(): Promise<boolean> };

export function StrikeOrder({ order }: { order: Order }) {
  const [open, setOpen] = useState(false);
  const strike = useDialog({
    open: [open, setOpen],
    guard: ({ result }) => result !== 'strike' || order.remove(), // can return a promise
  });
  return (
    <>
      <button {...strike.opener()}>Strike…</button>
      <dialog {...strike.root} role="alertdialog">
        <h2>Strike order {order.id}?</h2>
        <button {...strike.closer('cancel')}>Keep it</button>
        <button {...strike.closer('strike')}>{strike.busy ? 'Striking…' : 'Strike'}</button>
      </dialog>
    </>
  );
}

export function Boats({ items }: { items: readonly Item[] }) {
  const [boat, setBoat] = useState<string | undefined>();
  const boats = useListbox({ items, selected: [boat, setBoat] });
  return (
    <>
      <div {...boats.root} aria-label="Boats" />
      <Rows of={boats}>{(item) => <b>{item.label}</b>}</Rows>
    </>
  );
}

export function HarbourLog() {
  const log = usePopover({ content: () => import('../show-more/react') });
  return (
    <>
      <button {...log.opener()}>Harbour log</button>
      <div {...log.root}>
        <div data-content />
      </div>
      <Content<typeof import('../show-more/react')> of={log}>{(module) => <module.CraneNote />}</Content>
    </>
  );
}

export const Cautious = ({ order }: { order: Order }) => (
  <Defaults dialog={{ escape: 'keep' }}>
    <StrikeOrder order={order} />
  </Defaults>
);
