<script lang="ts">
  // Two fields that share one state.
  import PennantField from './PennantField.svelte';

  let pennant = $state<string | undefined>();
</script>

<div>
  <PennantField bind:picked={pennant} label="Pennant at the mast" />
  <PennantField bind:picked={pennant} label="Pennant on the board" />
</div>
