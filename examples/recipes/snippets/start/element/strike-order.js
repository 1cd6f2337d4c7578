const strike = document.querySelector('shell-dialog');

async function remove() {
  const response = await fetch('/yard/orders/W1041', { method: 'DELETE' });
  if (!response.ok) throw new Error('The office did not respond. The order is unchanged.');
}

// Fired before the dialog opens or closes. `result` is the value of the button that closes it.
strike.addEventListener('shell-guard', ({ detail: { change, wait } }) => {
  if (change.result === 'strike') wait(remove());
});
