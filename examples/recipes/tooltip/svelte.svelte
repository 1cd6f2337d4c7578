<script lang="ts">
  // A button with a few words about it: a description, never its only name.
  import { useTooltip } from 'elastic-shell/svelte';

  const hint = useTooltip();
</script>

<button type="button" {...hint.described()}>Haul out</button>
<div {...hint.root}>Lifts the boat onto the slip</div>
