// A row of a list from data: an element with a place for its content, filled again when it shows another
// item.
import type { Item } from '../../core/collection/items.js';
import { tell } from '../../core/report.js';
import { markMade } from '../../engine/made.js';
import { tellError } from '../../engine/report-error.js';
import type { gridOf } from './grid.js';

/** Content of a row with a life cycle of its own, such as a component of a framework. */
export interface RowLife<I> {
  /** The node to insert. */
  node: Node;
  /** Shows another item in the same node. Without it, the content is created again for another item. */
  update?(item: I): void;
  /** Called when the row has left the page, or shows something else. */
  release?(): void;
}

/** The options of rows created from data. */
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

/** How rows are created and filled. */
export interface RowRules<I extends Item> {
  /** Returns the content of a row. Without it, a row shows its label and description. */
  render(item: I): Node | string | RowLife<I> | undefined;
  readonly rowHeight: 'same' | 'measured';
  /**
   * Returns the grid in which rows of the same size are beside each other. Default: rows are one below the
   * other.
   */
  grid?: typeof gridOf | undefined;
  /** Adds what every row has besides its content. */
  frame?(row: HTMLElement): void;
  /** Called when a row shows another item. */
  filled?(row: HTMLElement, item: I): void;
}

/** A row. Without an item, it is yet to be filled. */
export interface Row<I> {
  element: HTMLElement;
  content: HTMLElement;
  item?: I;
  /** Its content, if that has a life cycle of its own. */
  life?: RowLife<I>;
}

/** Creates an element with the attribute `mark`. */
export type Make = (mark: string, role?: string) => HTMLElement;

/** Creates elements in a document. */
export const makeIn =
  (document: Document): Make =>
  (mark, role) => {
    const element = markMade(document.createElement('div'));
    element.setAttribute(mark, '');
    if (role) element.setAttribute('role', role);
    return element;
  };

/** Creates an empty row. */
export function makeRow<I extends Item>(make: Make, rules: RowRules<I>): Row<I> {
  const element = make('data-row');
  const content = make('data-content');
  rules.frame?.(element);
  element.append(content);
  return { element, content };
}

/** Ends the life cycle of a row's content. The row must be filled again. */
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

/** Shows `item` in the existing content of a row. Returns false if the content must be created. */
function updateLife<I extends Item>(row: Row<I>, item: I): boolean {
  if (!row.life?.update) {
    emptyRow(row);
    return false;
  }
  row.life.update(item);
  return true;
}

/** Shows `item` in a row. Returns true if it showed another one. If `render` fails, the label is shown. */
export function fillRow<I extends Item>(make: Make, rules: RowRules<I>, row: Row<I>, item: I): boolean {
  if (row.item === item) return false;
  const isUpdated = updateLife(row, item);
  row.item = item;
  if (!isUpdated) putContent(make, rules, row, item);
  rules.filled?.(row.element, item);
  return true;
}

/** Creates the content for an item and puts it into its row. */
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
