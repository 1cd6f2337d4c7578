import type { TreeNode } from 'elastic-shell';
import { createTree } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';

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

/** A tree from data with checkboxes. A lazy branch loads when it expands. */
export function PartsTree() {
  const [checked, setChecked] = createSignal<ReadonlySet<string>>(new Set());
  const tree = createTree({ items: parts, children: partsOf, checks: true, checked: [checked, setChecked] });
  return (
    <>
      <div {...tree.root} aria-label="Parts of Curlew" />
      <output>{[...checked()].join(', ')}</output>
    </>
  );
}
