// A row of the yard's orders with a menu and a dialog of its own, with primitives and with plain elements.
import { createDialog, createMenu } from 'elastic-shell/solid';
import { createSignal, For } from 'solid-js';

function OurRow(props: { at: number; turn: number }) {
  const menu = createMenu();
  const strike = createDialog();
  return (
    <li data-turn={props.turn}>
      <button {...menu.opener()}>Order {props.at}</button>
      <div {...menu.root}>
        <button {...menu.item('edit')}>Edit</button>
        <button {...menu.item('copy')}>Copy</button>
        <button {...menu.item('send')}>Send</button>
      </div>
      <button {...strike.opener()}>Strike…</button>
      <dialog {...strike.root}>
        <h2>Strike order {props.at}?</h2>
        <button {...strike.closer('keep')}>Keep</button>
      </dialog>
    </li>
  );
}

function PlainRow(props: { at: number; turn: number }) {
  const [picked, pick] = createSignal('');
  let dialog: HTMLDialogElement | undefined;
  return (
    <li data-turn={props.turn}>
      <button popovertarget={`m${props.at}`}>Order {props.at}</button>
      <div popover="auto" id={`m${props.at}`} data-picked={picked()}>
        <button onClick={() => pick('edit')}>Edit</button>
        <button onClick={() => pick('copy')}>Copy</button>
        <button onClick={() => pick('send')}>Send</button>
      </div>
      <button aria-haspopup="dialog" onClick={() => dialog?.showModal()}>
        Strike…
      </button>
      <dialog ref={(element) => (dialog = element)} aria-labelledby={`t${props.at}`}>
        <h2 id={`t${props.at}`}>Strike order {props.at}?</h2>
        <button onClick={() => dialog?.close('keep')}>Keep</button>
      </dialog>
    </li>
  );
}

const [turn, setTurn] = createSignal(0);

export const Rows = (props: { count: number; isOurs: boolean }) => (
  <ol>
    <For each={Array.from({ length: props.count }, (_, at) => at)}>
      {(at) => (props.isOurs ? <OurRow at={at} turn={turn()} /> : <PlainRow at={at} turn={turn()} />)}
    </For>
  </ol>
);
export const again = (): void => void setTurn(turn() + 1);
