<script lang="ts">
  import { found } from '../data';
  import Label from './Label.svelte';

  let query = $state('');
  let open = $state(false);
</script>

<div>
  <input
    role="combobox"
    aria-label="Part"
    aria-expanded={open}
    aria-controls="list"
    bind:value={query}
    onfocus={() => (open = true)}
  />
  {#if open}
    <ul id="list">
      {#each found(query) as { key, label } (key)}<li><Label text={label} /></li>{/each}
    </ul>
  {/if}
</div>
