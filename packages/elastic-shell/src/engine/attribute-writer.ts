// The attribute writer is the only code that writes attributes. It gets the wanted attributes of each
// element, writes the differences, remembers the original values, and restores them when an attribute is no
// longer wanted. Each service has a sheet of its own, so that a service that knows its changes can update
// only those. If it gets the same object again for an element, it doesn't even read the page. If other code
// (a morph, a framework's render) writes a value in the meantime, that is the author's newer value, and the
// one to restore later. Whoever runs the pattern is notified, and decides whether to follow it or to write
// the attribute again.
import type { Attributes } from '../core/contract/contract.js';
import { type Owner, type Page, putBack, write } from './attribute-page.js';
import { addPage, joinWatch, observe, removePage } from './attribute-watch.js';

export type { Rewrite } from './attribute-page.js';

/** An element and its wanted attributes, or undefined for none. */
export type Part = readonly [Element, Attributes | undefined];

/**
 * The attributes that one service wants. The sheets of one writer are combined: if two want attributes on the
 * same element, both apply, the later sheet first.
 */
export interface Sheet {
  /** Replaces all wanted attributes. Elements that aren't named any more are restored. */
  show(parts: Iterable<Part>): void;
  /** Changes the wanted attributes of these elements, each named once. The others stay. */
  patch(parts: Iterable<Part>): void;
}

/** Writes the attributes of one wired root and its parts. */
export interface AttributeWriter {
  sheet(): Sheet;
  /** Writes the wanted attributes of these elements again. */
  again(elements: Iterable<Element>): void;
  /** Restores everything. */
  restore(): void;
  /** Restores everything for good. Later calls write nothing. */
  end(): void;
}

/** Creates a writer. `rewritten` is called when other code overwrites its attributes. */
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
    // It is the same object, so the page needn't be read.
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
