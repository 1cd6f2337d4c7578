<script setup lang="ts">
// A tree from data with checkboxes. A lazy branch loads when it expands.
import type { TreeNode } from 'elastic-shell';
import { useTree } from 'elastic-shell/vue';
import { ref } from 'vue';

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
const checked = ref<ReadonlySet<string>>(new Set());
const tree = useTree({ items: parts, children: partsOf, checks: true, checked });
</script>

<template>
  <div v-bind="tree.root" aria-label="Parts of Curlew"></div>
  <output>{{ [...checked].join(', ') }}</output>
</template>
