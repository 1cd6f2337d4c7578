import { useDialog } from 'elastic-shell/react';
import { type ReactNode, useState } from 'react';

type Confirmation = {
  /** The question, and the labels of the two answers. */
  question: string;
  keep: string;
  confirm: string;
  confirming: string;
  children: ReactNode;
  /** Deletes the order. If it throws, the dialog stays open, and shows and announces the message. */
  onConfirm(): Promise<void>;
  opener: ReactNode;
};

/** A confirmation that stays open while the server responds, and if it fails. */
export function Confirm({ question, keep, confirm, confirming, children, onConfirm, opener }: Confirmation) {
  const dialog = useDialog({
    size: 'narrow',
    async guard({ result }) {
      if (result === 'confirm') await onConfirm();
      return true;
    },
  });
  return (
    <>
      <button {...dialog.opener()}>{opener}</button>
      <dialog {...dialog.root} role="alertdialog">
        <header>
          <h2>{question}</h2>
        </header>
        <div>{children}</div>
        <footer>
          <button {...dialog.closer('keep')}>{keep}</button>
          <button {...dialog.closer('confirm')}>{dialog.busy ? confirming : confirm}</button>
        </footer>
      </dialog>
    </>
  );
}

export function StrikeOrder() {
  const [isStruck, setStruck] = useState(false);
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
      <output>{isStruck && 'Struck.'}</output>
    </div>
  );
}
