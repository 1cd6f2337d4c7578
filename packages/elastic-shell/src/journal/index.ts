// The journal: what changed, what was refused, and what is wrong with the page. Importing it starts it.
import type { Change } from '../engine/types.js';
import { deliver } from '../core/cell.js';
import { setTeller } from '../core/report.js';
import { elementOf, markupOf } from './document.js';
import { examine, type Finding, tagText } from './rules/index.js';
import { failureText } from '../core/text.js';
import { hearWishes } from './wishes.js';

export interface Entry {
  code: string;
  severity: 'error' | 'warning' | 'note';
  /** The element it concerns. */
  element: Element | undefined;
  sentence: string;
  /** What to do about it, where there is something to do. */
  remedy?: string;
  /** The change it tells of, where it tells of one. */
  change?: Change;
}

/** How many entries are kept; older ones go. */
const limit = 500;
const entries: Entry[] = [];
const listeners = new Set<(entry: Entry) => void>();
const told = new WeakMap<Element, Set<string>>();

const write = (entry: Entry): void => {
  entries.push(entry);
  if (entries.length > limit) entries.shift();
  if (entry.severity !== 'note')
    console.warn(`elastic-shell ${entry.code}: ${entry.sentence} ${entry.remedy ?? ''}`, entry.element);
  deliver(listeners, entry);
};

const sentences: Record<string, (tag: string, change: Change & { error?: unknown }) => string> = {
  change: (tag, { name, value, reason }) => `${tag}: ${name} became ${String(value)}, reason ${reason}.`,
  refused: (tag, { name, value, reason, error }) =>
    `${tag}: a guard refused that ${name} become ${String(value)}, reason ${reason}${error === undefined ? '' : `: ${failureText(error)}`}.`,
  busy: (tag, { name, value, reason }) =>
    `${tag}: ${name} was to become ${String(value)}, reason ${reason}, while a guard was still making up its mind; it was ignored.`,
};

/** What the engine met with that somebody has to mend. */
const faults: Record<string, (tag: string, detail: unknown) => Pick<Entry, 'sentence' | 'remedy'>> = {
  'layer-inert': (tag, modal) => ({
    sentence: `${tag} has opened over ${tagText(markupOf(modal as Element))}, which is modal, and stands outside it: it shows and nothing in it can be reached.`,
    remedy: 'Move it into the modal dialog.',
  }),
  'key-duplicate': (tag, key) => ({
    sentence: `${tag} has the key "${String(key)}", which another item before it has already.`,
    remedy: 'Give each item a data-key of its own.',
  }),
  'key-missing': (tag, key) => ({
    sentence: `${tag} was told to select "${String(key)}", and no item has that key.`,
    remedy: 'Add the item, and it is selected then; or select another.',
  }),
  'content-failed': (tag, detail) => ({
    sentence: `${tag}: its content did not come: ${failureText((detail as { error: unknown }).error)}`,
    remedy: 'The user can try again; closing and opening tries again too.',
  }),
  'key-unknown': (tag, key) => ({
    sentence: `${tag} was told to expand to "${String(key)}", and no row at hand has that key.`,
    remedy: 'Open the branch that it comes with first, or name another.',
  }),
  'branch-failed': (tag, detail) => ({
    sentence: `${tag}: what is under "${(detail as { key: string }).key}" did not come: ${failureText((detail as { error: unknown }).error)}`,
    remedy: 'The user can try again at the row that says so.',
  }),
  'options-failed': (tag, detail) => ({
    sentence: `${tag}: the options for "${(detail as { query: string }).query}" did not come: ${failureText((detail as { error: unknown }).error)}`,
    remedy: 'The user can try again; typing on asks again too.',
  }),
  'render-failed': (tag, detail) => ({
    sentence: `${tag}: render failed for "${(detail as { key: string }).key}": ${failureText((detail as { error: unknown }).error)}`,
    remedy: 'The row shows its label instead; have render handle such an item.',
  }),
};

const enter = (code: string, element: Element, detail: unknown): void => {
  const change = detail as Change;
  const tag = tagText(markupOf(element));
  const fault = faults[code]?.(tag, detail);
  if (fault) return write({ code, severity: 'warning', element, ...fault });
  write({
    code,
    severity: 'note',
    element,
    sentence: sentences[code]?.(tag, change) ?? `${tag}: ${code}.`,
    change,
  });
};

/** Examines what is under `root` (the whole document by default) and enters what was not entered before. */
function check(root: Element = document.documentElement): Finding[] {
  const findings = examine([markupOf(root)]);
  for (const { code, severity, sentence, remedy, element: markup } of findings) {
    const element = elementOf(markup)!;
    const codes = told.get(element) ?? new Set();
    if (codes.has(code)) continue;
    told.set(element, codes.add(code));
    write({ code, severity, element, sentence, remedy });
  }
  return findings;
}

export const journal = {
  /** The last 500 entries, oldest first. */
  entries: entries as readonly Entry[],
  /** Hears every later entry; returns the release. */
  subscribe(listener: (entry: Entry) => void): () => void {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
  check,
  clear(): void {
    entries.length = 0;
  },
};

if (typeof document !== 'undefined') {
  setTeller((code, subject, detail) => enter(code, subject as Element, detail));
  hearWishes((code, element, sentence, remedy) =>
    write({ code, severity: 'warning', element, sentence, remedy }),
  );
  let waiting = false;
  const later = (): void => {
    if (waiting) return;
    waiting = true;
    (globalThis.requestIdleCallback ?? setTimeout)(() => {
      waiting = false;
      check();
    });
  };
  new MutationObserver(later).observe(document, { childList: true, subtree: true, attributes: true });
  later();
}
