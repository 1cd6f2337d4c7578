<script lang="ts">
  // A note beside its button. It may hold anything that takes focus; the page stays live.
  import { usePopover } from 'elastic-shell/svelte';

  const note = usePopover();
</script>

<button {...note.opener()}>Berth four</button>
<div {...note.root}>
  <h2>Berth four</h2>
  <p>Lies along the old quay wall and dries to mud at springs.</p>
  <p><a href="#chart">The chart</a> shows it.</p>
</div>
