<script lang="ts">
  // A tooltip that describes a button.
  import { useTooltip } from 'elastic-shell/svelte';

  const hint = useTooltip();
</script>

<button type="button" {...hint.described()}>Haul out</button>
<div {...hint.root}>Lifts the boat onto the slip</div>
