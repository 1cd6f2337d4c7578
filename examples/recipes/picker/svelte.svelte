<script lang="ts">
  // Two fields in step: one state, whichever changes it.
  import PennantField from './PennantField.svelte';

  let pennant = $state<string | undefined>();
</script>

<div>
  <PennantField bind:picked={pennant} label="Pennant at the mast" />
  <PennantField bind:picked={pennant} label="Pennant on the board" />
</div>
