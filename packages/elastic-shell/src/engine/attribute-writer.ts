// The attribute writer: the only one that writes attributes. It is told what should stand on which element, writes
// what differs, keeps what stood there, and puts it back when nobody wants it any more.
//
// Each service has a sheet of its own, so that one which knows what changed can patch that alone. Given the very same object
// again for an element, the page is not even read. What somebody else writes meanwhile (a morph, a framework's render) is
// the author's newer word: it is what will be put back, never what stood there before it; whoever runs the pattern is
// told, and decides whether it is followed or written again.
import type { Attributes } from '../core/contract/contract.js';
import { type Owner, type Page, putBack, write } from './attribute-page.js';
import { addPage, joinWatch, observe, removePage } from './attribute-watch.js';

export type { Rewrite } from './attribute-page.js';

/** An element, and what shall stand on it; undefined for nothing more. */
export type Part = readonly [Element, Attributes | undefined];

/**
 * What one service wants of its elements. The sheets of one writer count together: where two want something of the same
 * element both do, the later sheet before the earlier.
 */
export interface Sheet {
  /** Wants `parts` and nothing else: elements that are not named any more are let go. */
  show(parts: Iterable<Part>): void;
  /** Wants something else of these elements, each named once; the others stay as they are. */
  patch(parts: Iterable<Part>): void;
}

/** Writes the attributes of one wired root and of its parts. */
export interface AttributeWriter {
  sheet(): Sheet;
  /** Writes again what is wanted on these elements. */
  again(elements: Iterable<Element>): void;
  /** Puts back everything; nothing is wanted any more. */
  restore(): void;
  /** Restores everything for good. Later calls write nothing. */
  end(): void;
}

/** Makes a writer that has written nothing yet. `rewritten` hears of what others write over what it wrote. */
export function attributeWriter(rewritten: Owner): AttributeWriter {
  const pages = new Map<Element, Page>();
  let sheets = 0;
  let leave: (() => void) | undefined;
  let isOver = false;

  const open = (element: Element): Page => {
    leave ??= joinWatch();
    const page: Page = { owner: rewritten, marks: new Map(), wanted: [] };
    pages.set(element, page);
    addPage(element, page);
    observe(element);
    return page;
  };
  const close = (element: Element, page: Page): void => {
    putBack(element, page);
    pages.delete(element);
    removePage(element, page);
  };
  const want = (sheet: number, element: Element, attributes: Attributes | undefined): void => {
    if (isOver) return;
    const known = pages.get(element);
    // The very same object again: the page need not be read.
    if (known?.wanted[sheet] === attributes) return;
    const page = known ?? open(element);
    page.wanted[sheet] = attributes;
    if (page.wanted.some(Boolean)) write(element, page);
    else close(element, page);
  };

  const restore = (): void => {
    for (const [element, page] of pages) close(element, page);
    leave?.();
    leave = undefined;
  };

  return {
    sheet() {
      const mine = sheets++;
      const held = new Set<Element>();
      const patch: Sheet['patch'] = (parts) => {
        for (const [element, attributes] of parts) {
          want(mine, element, attributes);
          if (attributes) held.add(element);
          else held.delete(element);
        }
      };
      return {
        patch,
        show(parts) {
          const all = new Map<Element, Attributes>();
          for (const [element, attributes = {}] of parts) {
            const other = all.get(element);
            all.set(element, other ? { ...other, ...attributes } : attributes);
          }
          patch([...held].filter((element) => !all.has(element)).map((element) => [element, undefined]));
          patch(all);
        },
      };
    },
    again(elements) {
      for (const element of elements) {
        const page = pages.get(element);
        if (page) write(element, page);
      }
    },
    restore,
    end() {
      isOver = true;
      restore();
    },
  };
}
