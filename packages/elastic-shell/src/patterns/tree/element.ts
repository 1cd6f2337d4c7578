// The element <shell-tree>, which wires the tree inside it.
import type { TreeNode } from '../../core/collection/tree.js';
import { tree, treeMethods } from '../../core/contract/tree.js';
import { element } from '../../engine/element.js';
import type {
  CheckedProperty,
  ChosenProperty,
  ExpandedProperty,
  OptionProperties,
  QueryProperty,
  ShellElement,
} from '../../engine/element-types.js';
import type { TreeOptions } from './types.js';
import { type Tree, wireTree } from './wire.js';

/** The element `<shell-tree>`. Its options and states are properties, and its methods are methods. */
export interface ShellTree
  extends
    ShellElement<Tree<boolean>>,
    OptionProperties<
      TreeOptions<TreeNode, boolean>,
      'expanded' | 'selected' | 'checked' | 'query',
      'children'
    >,
    Pick<Tree<boolean>, (typeof treeMethods)[number]>,
    ExpandedProperty,
    ChosenProperty,
    CheckedProperty,
    QueryProperty {
  /**
   * Returns the children of a lazy node. It is the option `children`, which is another property on every
   * element.
   */
  childrenOf: TreeOptions['children'] | null | undefined;
}

declare global {
  interface HTMLElementTagNameMap {
    'shell-tree': ShellTree;
  }
}

element('shell-tree', wireTree, {
  root: '[role=tree],ul,ol',
  options: tree.options ?? {},
  methods: treeMethods,
  renamed: { children: 'childrenOf' },
});
