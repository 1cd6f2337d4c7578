<script lang="ts">
  import { useDialog } from 'elastic-shell/svelte';

  let { onleave }: { onleave(): void } = $props();
  const dialog = useDialog({ open: true, guard: ({ value }) => value || new Promise(() => {}) });
</script>

<dialog {...dialog.root}>
  <h4>Waits for ever</h4>
  <button {...dialog.closer()}>Ask to close</button>
  <button type="button" onclick={onleave}>Unmount</button>
</dialog>
