// Ids that a fragment refers to and does not contain, because another file may. When all files of a run are
// read, ids that none of them contains are reported.
import { nearest } from 'elastic-shell/core';
import { type Markup, pageOf, tagText } from 'elastic-shell/rules';
import { type Place, type Placed, placer } from './placed.js';
import type { Source } from './files.js';
import type { ReadPage } from './source.js';

/** An id that is not found in the fragment that refers to it. */
export interface Lead extends Place {
  id: string;
  attribute: string;
  /** The start tag of the element that refers to it. */
  tag: string;
}

/** Attributes without effect if no element has the id, with the rule of each and the consequence. */
const naming: Readonly<Record<string, { code: string; clause: string; ends: string }>> = {
  ...Object.fromEntries(
    ['commandfor', 'popovertarget'].map((name) => [
      name,
      {
        code: 'invoker-target-missing',
        clause: 'HTML, the button element, commandfor; the popovertarget attribute',
        ends: 'clicking it does nothing',
      },
    ]),
  ),
  ...Object.fromEntries(
    ['aria-labelledby', 'aria-describedby', 'aria-controls'].map((name) => [
      name,
      { code: 'aria-reference-missing', clause: 'WAI-ARIA, ID reference', ends: 'it has no effect' },
    ]),
  ),
  for: { code: 'label-target-missing', clause: 'HTML, the label element, for', ends: 'it names nothing' },
};

/** Returns the ids that an element refers to in plain text. */
function written(element: Markup, attribute: string): string | undefined {
  // A bound value, or one that a later spread may replace, is not plain text.
  if (element.isBound?.(attribute)) return undefined;
  const id = element.attribute(attribute);
  return id !== null && /^[\w-]+$/.test(id) ? id : undefined;
}

/** Returns the leads of the fragments in one text. */
export function leadsOf(text: string, pages: readonly ReadPage[]): Lead[] {
  const parts = pages.filter(({ kind }) => kind.isPart);
  const placeIn = placer(text);
  return parts.flatMap(({ roots, kind, places }) => {
    const page = pageOf(roots, kind);
    return page.elements.flatMap((element) =>
      [...element.names()].flatMap((attribute): Lead[] => {
        if (!Object.hasOwn(naming, attribute)) return [];
        const id = written(element, attribute);
        if (id === undefined || page.named(id, element)) return [];
        return [{ id, attribute, tag: tagText(element), ...placeIn(places, element, attribute) }];
      }),
    );
  });
}

/** Words of a text that may be ids. */
const words = /(?<![\w-])[A-Za-z_][\w-]*(?![\w-])/g;

/** Ids as they are written in HTML and in scripts. */
const writtenIds = /\bid\s*[=:]\s*\{?["'`]?([A-Za-z_][\w-]*)/g;

/** How many ids are kept for suggestions. */
const mostIds = 100_000;

/** Returns whether a text combines an id with another text: `${name}-sheet`, `'order-' + name`. */
function composes(text: string, id: string): boolean {
  for (let at = id.indexOf('-'); at >= 0; at = id.indexOf('-', at + 1)) {
    const [first, last] = [id.slice(0, at + 1), id.slice(at)];
    const pieces = [`}${last}`, `'${last}`, `"${last}`, `${first}\${`, `${first}{`, `${first}'`, `${first}"`];
    if (pieces.some((piece) => text.includes(piece))) return true;
  }
  return false;
}

/**
 * Finds the ids of leads that no text of the run contains anywhere else. Ids are searched as words, also in
 * scripts, and in pieces, because an id may come from a constant or be combined. Returns each with the id
 * that was most likely meant.
 */
export async function findNowhere(
  leads: readonly Lead[],
  sources: readonly Source[],
): Promise<ReadonlyMap<string, string | undefined>> {
  const ids = new Set<string>();
  const left = new Map<string, number>();
  for (const { id } of leads) left.set(id, (left.get(id) ?? 0) + 1);
  for (const source of left.size ? sources : []) {
    let text = '';
    try {
      text = await source.text();
    } catch {
      // Files that cannot be read are reported elsewhere.
    }
    for (const [, id] of text.matchAll(writtenIds)) if (id && ids.size < mostIds) ids.add(id);
    for (const [word] of text.matchAll(words)) {
      const count = left.get(word);
      if (count !== undefined) left.set(word, count - 1);
    }
    for (const [id, count] of left) if (count < 0 || composes(text, id)) left.delete(id);
  }
  return new Map([...left.keys()].map((id) => [id, nearest(id, ids)]));
}

/** Returns the warning for an id that no file contains. `near` is the id that was most likely meant. */
export function toldOf({ id, attribute, tag, ...place }: Lead, near: string | undefined): Placed {
  const { code = '', clause = '', ends = '' } = naming[attribute] ?? {};
  return {
    code,
    severity: 'warning',
    clause,
    sentence: `${tag} names "${id}" in ${attribute}, but no file of this run contains that id: ${ends}.`,
    remedy: near ? `Did you mean "${near}"?` : `Give the element the id "${id}", or name another id.`,
    attribute,
    ...place,
  };
}
