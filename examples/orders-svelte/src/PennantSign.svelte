<script lang="ts">
  // A pennant, drawn.
  import { outlines, type Pennant } from 'quillhaven-gallery/office';

  let { pennant }: { pennant: Pennant } = $props();
</script>

<svg class="pennant" viewBox="0 0 24 16" aria-hidden="true">
  <path class="paint-{pennant.field}" d={outlines[pennant.shape]} />
  {#if pennant.mark !== pennant.field}
    <circle class="paint-{pennant.mark}" cx="7" cy="8" r="3" />
  {/if}
</svg>
