<script lang="ts">
  import { useDialog } from 'elastic-shell/svelte';

  let open = $state(false);
  const tides = useDialog({ open: [() => open, (next) => (open = next)] });
</script>

<button {...tides.opener()}>Tide times</button>
<p>The dialog is {open ? 'open' : 'closed'}.</p>
<dialog {...tides.root}>
  <h2>Tide times</h2>
  <button onclick={() => (open = false)}>Close</button>
</dialog>
