<script lang="ts">
  import { nodes } from '../data';
  import Branch from './Branch.svelte';

  let all = $state(false);
  export const expandAll = () => (all = true);
</script>

<ul>
  {#each nodes as node (node.key)}<Branch {node} {all} />{/each}
</ul>
