// Reads a tree in the markup: nested lists become the model.
import { type Tree, type TreeNode, treeOf } from '../../core/collection/tree.js';
import { labelText } from '../../core/text.js';
import { type MarkupItems, markupItems } from '../../list/items.js';

/** Returns the element around the rows of a branch. */
export const groupIn = (row: Element): HTMLElement | null =>
  row.querySelector<HTMLElement>(':scope > ul, :scope > ol, :scope > [role=group]');

/** Returns the label of a row, without the rows inside it. */
const labelOf = (row: HTMLElement): string => {
  const own = row.getAttribute('aria-label');
  if (own) return own;
  const group = groupIn(row);
  // Frameworks mark their places with comments.
  const words = [...row.childNodes].flatMap((node) =>
    node === group || node.nodeType === node.COMMENT_NODE ? [] : [node.textContent],
  );
  return labelText(words.join(' '));
};

/** Finds the rows in the markup of `root`. */
export const treeItemsIn = (root: HTMLElement): MarkupItems =>
  markupItems(root, () => root.querySelectorAll<HTMLElement>('li,[role=treeitem]'), { labelOf });

/** Reads the rows of the markup into the model. A row with a group is a branch. */
export function readTree(items: MarkupItems): Tree {
  const top: TreeNode[] = [];
  const under = new Map<Element, TreeNode[]>();
  for (const { element, key, label, disabled } of items.all()) {
    const parent = items.of(element.parentElement)?.element;
    const children: TreeNode[] = [];
    const isBranch = groupIn(element) !== null;
    if (isBranch) under.set(element, children);
    const siblings = parent ? (under.get(parent) ?? []) : top;
    siblings.push({ key, label, disabled: !!disabled, ...(isBranch && { children }) });
    if (parent) under.set(parent, siblings);
  }
  return treeOf(top);
}

/** Returns the keys of the rows on which an attribute is "true". */
export const markedIn = (items: MarkupItems, attribute: string): string[] =>
  items.all().flatMap(({ element, key }) => (element.getAttribute(attribute) === 'true' ? [key] : []));
