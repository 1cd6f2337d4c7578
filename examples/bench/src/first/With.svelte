<script lang="ts">
  import { useDialog } from 'elastic-shell/svelte';

  let struck = $state(0);
  const dialog = useDialog({ onChange: () => struck++ });
</script>

<button {...dialog.opener()}>Strike… ({struck})</button>
<dialog {...dialog.root}>
  <h2>Strike order 42?</h2>
  <button {...dialog.closer('keep')}>Keep</button>
</dialog>
