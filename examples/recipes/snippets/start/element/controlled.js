const tides = document.querySelector('shell-dialog');

tides.addEventListener('shell-change', ({ detail: { name, value } }) => {
  if (name === 'open') document.title = value ? 'Tide times' : 'Harbour';
});
tides.open = true; // opens the dialog
