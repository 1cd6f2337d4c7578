import { createDialog } from 'elastic-shell/solid';
import { createSignal, type JSX } from 'solid-js';

type Confirmation = {
  /** The question, and the labels of the two answers. */
  question: string;
  keep: string;
  confirm: string;
  confirming: string;
  children: JSX.Element;
  /** Deletes the order. If it throws, the dialog stays open, and shows and announces the message. */
  onConfirm(): Promise<void>;
  opener: JSX.Element;
};

/** A confirmation that stays open while the server responds, and if it fails. */
export function Confirm(props: Confirmation) {
  const dialog = createDialog({
    size: 'narrow',
    async guard({ result }) {
      if (result === 'confirm') await props.onConfirm();
      return true;
    },
  });
  return (
    <>
      <button {...dialog.opener()}>{props.opener}</button>
      <dialog {...dialog.root} role="alertdialog">
        <header>
          <h2>{props.question}</h2>
        </header>
        <div>{props.children}</div>
        <footer>
          <button {...dialog.closer('keep')}>{props.keep}</button>
          <button {...dialog.closer('confirm')}>{dialog.busy ? props.confirming : props.confirm}</button>
        </footer>
      </dialog>
    </>
  );
}

export function StrikeOrder() {
  const [isStruck, setStruck] = createSignal(false);
  const strike = async () => {
    const response = await fetch('/yard/orders/W1041', { method: 'DELETE' });
    if (!response.ok) throw new Error('The office did not answer. The order still stands.');
    setStruck(true);
  };
  return (
    <div>
      <Confirm
        opener="Strike order…"
        question="Strike order W1041?"
        keep="Keep it"
        confirm="Strike it"
        confirming="Striking…"
        onConfirm={strike}
      >
        <p>“New rudder for Curlew” is taken off the list for good.</p>
      </Confirm>
      <output>{isStruck() && 'Struck.'}</output>
    </div>
  );
}
