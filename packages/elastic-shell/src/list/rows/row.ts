// One row of a list from data: an element with a place for its content, filled again as it shows other items.
import type { Item } from '../../core/collection/items.js';
import { tell } from '../../core/report.js';
import { markMade } from '../../engine/made.js';
import { tellError } from '../../engine/report-error.js';
import type { gridOf } from './grid.js';

/** What stands in a row and has a life of its own, as a component of a framework has. */
export interface RowLife<I> {
  node: Node;
  /** The row shows another item from now on, in the same node. Without it, a row that shows another item is made anew. */
  update?(item: I): void;
  /** The row has gone from the page, or shows something else. */
  release?(): void;
}

/** The options of rows made from data. */
export interface RowOptions<I extends Item = Item> {
  /**
   * Renders the content of a row: a node, a text, or `{ node, update, release }` for a component with its own
   * life cycle.
   *
   * The row may be filled later; it is measured again then.
   *
   * @defaultValue the label, and the description below it
   * @example { render: ({ label }) => label.toUpperCase() }
   */
  render?(item: I): Node | string | RowLife<I>;
  /**
   * Specifies whether all rows have the height of the first one, or each row is measured. With more than 200
   * rows, only the visible ones are in the page.
   *
   * @defaultValue `same`
   * @example { rowHeight: 'measured' }
   */
  rowHeight?: 'same' | 'measured';
}

/** How rows are made and filled. */
export interface RowRules<I extends Item> {
  /** What stands in a row; nothing for its label, and its description. */
  render(item: I): Node | string | RowLife<I> | undefined;
  readonly rowHeight: 'same' | 'measured';
  /** Rows lie side by side, all of one size, in the grid that this finds. Default: one under the other. */
  grid?: typeof gridOf | undefined;
  /** Puts what every row has beside its content into it. */
  frame?(row: HTMLElement): void;
  /** A row shows another item now. */
  filled?(row: HTMLElement, item: I): void;
}

/** One row; without an item it has yet to be filled. */
export interface Row<I> {
  element: HTMLElement;
  content: HTMLElement;
  item?: I;
  /** What stands in it, where that has a life of its own. */
  life?: RowLife<I>;
}

/** An element with `mark` for its attribute. */
export type Make = (mark: string, role?: string) => HTMLElement;

/** Makes elements in a document. */
export const makeIn =
  (document: Document): Make =>
  (mark, role) => {
    const element = markMade(document.createElement('div'));
    element.setAttribute(mark, '');
    if (role) element.setAttribute('role', role);
    return element;
  };

/** A row that shows nothing yet. */
export function makeRow<I extends Item>(make: Make, rules: RowRules<I>): Row<I> {
  const element = make('data-row');
  const content = make('data-content');
  rules.frame?.(element);
  element.append(content);
  return { element, content };
}

/** Ends the life of what stands in a row; it has to be filled again. */
export function emptyRow<I>(row: Row<I>): void {
  const { life } = row;
  if (!life) return;
  delete row.life;
  delete row.item;
  try {
    life.release?.();
  } catch (error) {
    // The rows after it must still be drawn.
    tellError(error);
  }
  row.content.replaceChildren();
}

const isLife = <I>(made: Node | string | RowLife<I>): made is RowLife<I> =>
  typeof made === 'object' && !('nodeType' in made);

/** Has what lives in `row` show `item`, if it can; false when it has to be made. */
function updateLife<I extends Item>(row: Row<I>, item: I): boolean {
  if (!row.life?.update) {
    emptyRow(row);
    return false;
  }
  row.life.update(item);
  return true;
}

/** Has `row` show `item`; true when it has shown another. What render cannot make is its label. */
export function fillRow<I extends Item>(make: Make, rules: RowRules<I>, row: Row<I>, item: I): boolean {
  if (row.item === item) return false;
  const isUpdated = updateLife(row, item);
  row.item = item;
  if (!isUpdated) putContent(make, rules, row, item);
  rules.filled?.(row.element, item);
  return true;
}

/** Puts what render makes of an item into its row. */
function putContent<I extends Item>(make: Make, rules: RowRules<I>, row: Row<I>, item: I): void {
  const { key, label = key, description } = item;
  let content: Node | string;
  let isMade = false;
  try {
    const made = rules.render(item);
    isMade = made !== undefined;
    if (made !== undefined && isLife(made)) row.life = made;
    content = (made !== undefined && isLife(made) ? made.node : made) ?? label;
  } catch (error) {
    content = label;
    tell('render-failed', row.element, { key, error });
    tellError(error);
  }
  row.content.replaceChildren(content);
  if (description !== undefined && !isMade) {
    const [name, more] = [make('data-label'), make('data-description')];
    name.append(content);
    more.append(description);
    row.content.replaceChildren(name, more);
  }
}
