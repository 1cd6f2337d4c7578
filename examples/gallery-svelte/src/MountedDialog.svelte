<script lang="ts">
  // Rendered only while it is open, as is common for components.
  import { useDialog } from 'elastic-shell/svelte';

  let { onclose }: { onclose(): void } = $props();
  const dialog = useDialog({
    size: 'narrow',
    get open() {
      return true;
    },
    set open(now) {
      if (!now) onclose();
    },
  });
</script>

<dialog {...dialog.root}>
  <header><h4>Here while it is open</h4></header>
  <div><p>Its component comes with it and goes with it.</p></div>
  <footer><button {...dialog.closer()}>Close it</button></footer>
</dialog>
