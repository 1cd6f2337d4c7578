import { cell } from 'elastic-shell';
import { wireDialog } from 'elastic-shell/dialog';

const open = cell(false);
wireDialog(document.getElementById('tide-times'), { open });

open.subscribe((isOpen) => {
  document.title = isOpen ? 'Tide times' : 'Harbour';
});
open.set(true); // opens the dialog
