// What docs/frameworks/solid.md shows.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css'; // optional: the look
import type { Item } from 'elastic-shell';
import { Content, createDialog, createListbox, createPopover, Defaults, Rows } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';

type Given = { remove(): Promise<boolean> };

export function StrikeOrder(props: Given) {
  const strike = createDialog({
    open: createSignal(false),
    guard: ({ result }) => result !== 'strike' || props.remove(), // can return a promise
  });
  return (
    <>
      <button {...strike.opener()}>Strike…</button>
      <dialog {...strike.root} role="alertdialog">
        <h2>Strike this order?</h2>
        <button {...strike.closer('cancel')}>Keep it</button>
        <button {...strike.closer('strike')}>{strike.busy ? 'Striking…' : 'Strike'}</button>
      </dialog>
    </>
  );
}

export function Boats(props: { items: readonly Item[] }) {
  const boats = createListbox(() => ({ items: props.items }));
  return (
    <>
      <div {...boats.root} aria-label="Boats" />
      <Rows of={boats}>{(boat) => <b>{boat().label}</b>}</Rows>
    </>
  );
}

export function HarbourLog() {
  const log = createPopover({ content: () => import('../tooltip/solid') });
  return (
    <>
      <button {...log.opener()}>Harbour log</button>
      <div {...log.root}>
        <div data-content />
      </div>
      <Content<typeof import('../tooltip/solid')> of={log}>{(module) => <module.HaulOut />}</Content>
    </>
  );
}

export const Cautious = (props: Given) => (
  <Defaults dialog={{ escape: 'keep' }}>
    <StrikeOrder remove={props.remove} />
  </Defaults>
);
