// Fixes for findings with one right solution: a few attributes are added.
import { type Finding, type Markup, type Page, pageOf } from 'elastic-shell/rules';
import type { ReadPage } from './source.js';

/** A text to insert, at an offset from 0. */
export interface Edit {
  at: number;
  insert: string;
}

const known = new WeakMap<ReadPage, Page>();

/** Returns the page that was read, as rules see it. It is built once. */
function askable(page: ReadPage): Page {
  const made = known.get(page) ?? pageOf(page.roots, page.kind);
  known.set(page, made);
  return made;
}

const headings = (element: Markup): boolean => /^h[1-6]$/.test(element.tag);

/** Returns the command that a button most likely means, by its target. */
function commandFor(button: Markup, page: ReadPage): string {
  const all = askable(page);
  const target = all.named(button.attribute('commandfor') ?? '', button);
  if (target?.tag === 'dialog') return all.holds(target, button) ? 'close' : 'show-modal';
  return target && target.attribute('popover') !== null ? 'toggle-popover' : '--toggle';
}

/** Returns the heading at the start of an element, by its id. */
function headingId(element: Markup, page: ReadPage): string | undefined {
  const heading = askable(page).within(element, headings);
  return heading?.attribute('id') ?? undefined;
}

/** Returns the attributes that fix a finding, each after a space. Undefined if a person must decide. */
function attributesFor({ code, element }: Finding, page: ReadPage): string | undefined {
  if (code === 'invoker-type-missing') return ' type="button"';
  if (code === 'invoker-command-missing') return ` command="${commandFor(element, page)}"`;
  if (!/^(dialog|carousel|list|tablist)-name-missing$/.test(code)) return undefined;
  const id = headingId(element, page);
  return id ? ` aria-labelledby="${id}"` : undefined;
}

/** Returns the fix for a finding, if there is one. */
export function fixOf(finding: Finding, page: ReadPage): Edit | undefined {
  const insert = attributesFor(finding, page);
  const at = insert === undefined ? undefined : page.places.nameEnd(finding.element);
  return insert === undefined || at === undefined ? undefined : { at, insert };
}

/** Applies edits to a text, the last one first, so that offsets stay valid. */
export function mended(text: string, edits: readonly Edit[]): string {
  const seen = new Set<string>();
  let now = text;
  for (const { at, insert } of [...edits].sort((one, other) => other.at - one.at)) {
    if (seen.has(`${at}${insert}`)) continue;
    seen.add(`${at}${insert}`);
    now = now.slice(0, at) + insert + now.slice(at);
  }
  return now;
}
