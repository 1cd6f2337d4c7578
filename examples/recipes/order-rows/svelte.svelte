<script lang="ts">
  // Actions of a row, behind a button in it, and where the row is pressed for them.
  import type { MenuPick } from 'elastic-shell';
  import { useMenu } from 'elastic-shell/svelte';

  const orders = [
    { id: 'W1041', title: 'new rudder' },
    { id: 'W1042', title: 'windows' },
  ];
  let picked = $state('');
  const say = ({ key, about }: MenuPick) => {
    // What the menu is about: the button it was opened by, or where the row was pressed.
    picked = `${key} ${about?.closest('[data-order]')?.getAttribute('data-order') ?? ''}`;
  };
  const menu = useMenu({
    context: '[data-order]',
    onPick: say,
  });
  const move = useMenu({ onPick: say });
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
</div>
<output>{picked}</output>
