// What can be mended by a program, because there is one right way: a few attributes are put in.
import { type Finding, type Markup, type Page, pageOf } from 'elastic-shell/rules';
import type { ReadPage } from './source.js';

/** A text to put in, at a place from 0. */
export interface Edit {
  at: number;
  insert: string;
}

const known = new WeakMap<ReadPage, Page>();

/** The page that was read, with what rules ask of it; made once. */
function askable(page: ReadPage): Page {
  const made = known.get(page) ?? pageOf(page.roots, page.kind);
  known.set(page, made);
  return made;
}

const headings = (element: Markup): boolean => /^h[1-6]$/.test(element.tag);

/** The command that a button most likely means, by what it names. */
function commandFor(button: Markup, page: ReadPage): string {
  const all = askable(page);
  const target = all.named(button.attribute('commandfor') ?? '', button);
  if (target?.tag === 'dialog') return all.holds(target, button) ? 'close' : 'show-modal';
  return target && target.attribute('popover') !== null ? 'toggle-popover' : '--toggle';
}

/** The heading that an element begins with, by its id. */
function headingId(element: Markup, page: ReadPage): string | undefined {
  const heading = askable(page).within(element, headings);
  return heading?.attribute('id') ?? undefined;
}

/** The attributes that mend a finding, with a blank before each; undefined where a person has to. */
function attributesFor({ code, element }: Finding, page: ReadPage): string | undefined {
  if (code === 'invoker-type-missing') return ' type="button"';
  if (code === 'invoker-command-missing') return ` command="${commandFor(element, page)}"`;
  if (!/^(dialog|carousel|list|tablist)-name-missing$/.test(code)) return undefined;
  const id = headingId(element, page);
  return id ? ` aria-labelledby="${id}"` : undefined;
}

/** What mends a finding, where a program can. */
export function fixOf(finding: Finding, page: ReadPage): Edit | undefined {
  const insert = attributesFor(finding, page);
  const at = insert === undefined ? undefined : page.places.nameEnd(finding.element);
  return insert === undefined || at === undefined ? undefined : { at, insert };
}

/** A text with edits made: the last first, so that the places of the others stay. */
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
