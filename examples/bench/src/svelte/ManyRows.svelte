<script lang="ts">
  import OurRow from './OurRow.svelte';
  import PlainRow from './PlainRow.svelte';

  const { count, isOurs }: { count: number; isOurs: boolean } = $props();
  let turn = $state(0);
  export const again = (): void => void turn++;
  const Row = $derived(isOurs ? OurRow : PlainRow);
</script>

<ol>
  {#each { length: count } as _, at (at)}<Row {at} {turn} />{/each}
</ol>
