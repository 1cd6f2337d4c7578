import { useDialog } from 'elastic-shell/react';

export function StrikeOrder({ id }: { id: string }) {
  const strike = useDialog({
    // Called before the dialog opens or closes. `result` is the value of the button that closes it.
    async guard({ result }) {
      if (result !== 'strike') return true;
      const response = await fetch(`/yard/orders/${id}`, { method: 'DELETE' });
      if (!response.ok) throw new Error('The office did not respond. The order is unchanged.');
      return true;
    },
  });
  return (
    <>
      <button {...strike.opener()}>Strike order…</button>
      <dialog {...strike.root} role="alertdialog">
        <h2>Strike order {id}?</h2>
        <button {...strike.closer('cancel')}>Keep it</button>
        <button {...strike.closer('strike')}>{strike.busy ? 'Striking…' : 'Strike'}</button>
      </dialog>
    </>
  );
}
