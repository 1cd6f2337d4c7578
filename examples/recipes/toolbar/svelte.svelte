<script lang="ts">
  // The tools of a chart. Arrow keys move between them, and Tab leaves the toolbar.
  import { useToolbar } from 'elastic-shell/svelte';

  let scale = $state(4000);
  let depths = $state(false);
  const tools = useToolbar();
</script>

<div {...tools.root} aria-label="Chart">
  <button type="button" {...tools.item('in')} onclick={() => (scale /= 2)}>Zoom in</button>
  <button type="button" {...tools.item('out')} onclick={() => (scale *= 2)}>Zoom out</button>
  <button type="button" {...tools.item('depths')} aria-pressed={depths} onclick={() => (depths = !depths)}>
    Depths
  </button>
  <select {...tools.item('unit')} aria-label="Unit">
    <option>Metres</option>
    <option>Feet</option>
  </select>
</div>
<output>1 : {scale}</output>
