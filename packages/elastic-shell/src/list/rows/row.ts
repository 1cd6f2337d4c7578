// One row of a list from data: an element with a place for its content, filled again as it shows other items.
import type { Item } from '../../core/collection/items.js';
import { tell } from '../../core/report.js';
import { markMade } from '../../engine/made.js';
import { tellError } from '../../engine/report-error.js';
import type { gridOf } from './grid.js';

/** The options of rows made from data. */
export interface RowOptions<I extends Item = Item> {
  /** Makes what stands in a row; text is put there as text. Default: the label, and the description under it. */
  render?(item: I): Node | string;
  /** Whether all rows are as high as the first, or each is measured when it shows. Default: `same`. */
  rowHeight?: 'same' | 'measured';
}

/** How rows are made and filled. */
export interface RowRules<I extends Item> {
  /** What stands in a row; nothing for its label, and its description. */
  render(item: I): Node | string | undefined;
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

/** Has `row` show `item`; true when it has shown another. What render cannot make is its label. */
export function fillRow<I extends Item>(make: Make, rules: RowRules<I>, row: Row<I>, item: I): boolean {
  if (row.item === item) return false;
  row.item = item;
  const { key, label = key, description } = item;
  let content: Node | string;
  let isMade = false;
  try {
    const made = rules.render(item);
    isMade = made !== undefined;
    content = made ?? label;
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
  rules.filled?.(row.element, item);
  return true;
}
