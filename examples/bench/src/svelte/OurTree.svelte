<script lang="ts">
  import { Rows, useTree } from 'elastic-shell/svelte';
  import { type Node, nodes } from '../data';
  import Label from './Label.svelte';

  const tree = useTree<Node>({ items: nodes });
  export const expandAll = () => tree.expand();
</script>

<div {...tree.root} aria-label="Parts"></div>
<Rows of={tree}>{#snippet children(node)}<Label text={node.label} />{/snippet}</Rows>
