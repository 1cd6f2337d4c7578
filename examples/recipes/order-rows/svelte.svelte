<script lang="ts">
  // One menu and one dialog for all rows of a list. A button in each row opens the menu, and so does a right click on the row.
  import type { MenuPick } from 'elastic-shell';
  import { useDialog, useMenu } from 'elastic-shell/svelte';

  const orders = [
    { id: 'W1041', title: 'new rudder' },
    { id: 'W1042', title: 'windows' },
  ];
  let picked = $state('');
  let striking = $state('');
  const dialog = useDialog({
    onClosed: (result) => result === 'strike' && (picked = `strike ${striking}`),
  });
  const act = ({ key, about }: MenuPick) => {
    // The element that the menu is about: its button, or the row that was right-clicked.
    const order = about?.closest('[data-order]')?.getAttribute('data-order') ?? '';
    if (key !== 'strike') return (picked = `${key} ${order}`);
    striking = order;
    dialog.show();
  };
  const menu = useMenu({ context: '[data-order]', onPick: act });
  const move = useMenu({ onPick: act });
</script>

<ul>
  {#each orders as { id, title } (id)}
    <li data-order={id}>
      {id}, {title}
      <button {...menu.opener()} aria-label={`More for ${id}`}>⋯</button>
    </li>
  {/each}
</ul>
<div {...menu.root} aria-label="Order">
  <button {...menu.item('edit')}>Edit</button>
  <button {...menu.item('move')} {...move.branch()}>Move to</button>
  <div {...move.root} aria-label="Move to">
    <button {...move.item('today')}>Today</button>
    <button {...move.item('later')}>Later</button>
  </div>
  <button {...menu.item('strike')}>Strike…</button>
</div>
<dialog {...dialog.root} role="alertdialog">
  <h2>Strike {striking}?</h2>
  <p>It is taken off the board, with its hours and its notes.</p>
  <button {...dialog.closer('cancel')}>Keep it</button>
  <button {...dialog.closer('strike')}>Strike</button>
</dialog>
<output>{picked}</output>
