import { Component, signal } from '@angular/core';
import { injectTree, shellDirectives } from 'elastic-shell-angular';
import type { TreeNode } from 'elastic-shell';

/** A tree from data with checkboxes. A lazy branch loads when it expands. */
@Component({
  selector: 'parts-tree',
  imports: [shellDirectives],
  template: `
    <div [shellPart]="tree.root" aria-label="Parts of Curlew"></div>
    <output>{{ names() }}</output>
  `,
})
export class PartsTree {
  readonly checked = signal<ReadonlySet<string>>(new Set());
  readonly parts: readonly TreeNode[] = [
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
  readonly tree = injectTree(() => ({
    items: this.parts,
    children: (node, signal) => this.partsOf(node, signal),
    checks: true,
    checked: this.checked,
  }));
  readonly names = (): string => [...this.checked()].join(', ');

  async partsOf({ key }: TreeNode, signal: AbortSignal): Promise<readonly TreeNode[]> {
    const response = await fetch(`/yard/parts/${key}`, { signal });
    if (!response.ok) throw new Error('These parts could not be fetched.');
    return response.json();
  }
}
