<script lang="ts">
  // A tree from data with checkboxes. A lazy branch loads when it expands.
  import type { TreeNode } from 'elastic-shell';
  import { useTree } from 'elastic-shell/svelte';

  const parts: readonly TreeNode[] = [
    { key: 'hull', label: 'Hull', children: 'lazy' },
    {
      key: 'rig',
      label: 'Rig',
      children: [
        { key: 'mast', label: 'Mast' },
        { key: 'boom', label: 'Boom' },
      ],
    },
  ];
  const partsOf = async ({ key }: TreeNode, signal: AbortSignal): Promise<readonly TreeNode[]> => {
    const response = await fetch(`/yard/parts/${key}`, { signal });
    if (!response.ok) throw new Error('These parts could not be fetched.');
    return response.json();
  };
  let checked = $state.raw<ReadonlySet<string>>(new Set());
  const tree = useTree({
    items: parts,
    children: partsOf,
    checks: true,
    get checked() {
      return checked;
    },
    set checked(keys) {
      checked = keys;
    },
  });
</script>

<div {...tree.root} aria-label="Parts of Curlew"></div>
<output>{[...checked].join(', ')}</output>
