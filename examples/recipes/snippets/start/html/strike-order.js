import { wireDialog } from 'elastic-shell/dialog';

wireDialog(document.getElementById('strike-order'), {
  // Called before the dialog opens or closes. `result` is the value of the button that closes it.
  async guard({ result }) {
    if (result !== 'strike') return true;
    const response = await fetch('/yard/orders/W1041', { method: 'DELETE' });
    if (!response.ok) throw new Error('The office did not respond. The order is unchanged.');
    return true;
  },
});
