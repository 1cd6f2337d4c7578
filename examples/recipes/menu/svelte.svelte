<script lang="ts">
  // A menu of actions behind a button. The page shows the chosen action.
  import { useMenu } from 'elastic-shell/svelte';

  let picked = $state('');
  const menu = useMenu({
    onPick({ key }) {
      picked = key;
    },
  });
</script>

<button {...menu.opener()}>Boat</button>
<div {...menu.root} aria-label="Boat">
  <button {...menu.item('lift')}>Lift</button>
  <button {...menu.item('launch')}>Launch</button>
  <button {...menu.item('scrap')} aria-disabled="true">Break up</button>
  <hr {...menu.separator} />
  <button {...menu.checkbox('lights')}>Lights</button>
</div>
<output>{picked}</output>
