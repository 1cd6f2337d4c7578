// The journal: what changed, what was refused, and what is wrong with the page. Importing it starts it.
import type { Change } from '../engine/types.js';
import { deliver } from '../core/cell.js';
import { setTeller, type Teller } from '../core/report.js';
import { isElement } from '../engine/dom.js';
import { reported, type Severity } from './codes.js';
import { elementOf, markupOf } from './document.js';
import { examine, type Finding, tagText } from './rules/index.js';
import { hearWishes } from './wishes.js';

/** One thing that was entered. */
export interface Entry {
  code: string;
  severity: Severity;
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

const enter: Teller = (code, subject, detail) => {
  if (!isElement(subject)) return;
  const { severity, sentence, remedy } = reported[code];
  const isChange = code === 'change' || code === 'refused' || code === 'busy' || code === 'owner-silent';
  write({
    code,
    severity,
    element: subject,
    sentence: sentence(tagText(markupOf(subject)), detail),
    ...(remedy && { remedy }),
    // These three carry the change that they tell of, with the page's own event and element.
    ...(isChange && { change: detail as Change }),
  });
};

/** Examines what is under `root` (the whole document by default) and enters what was not entered before. */
function check(root: Element = document.documentElement): Finding[] {
  // Of a part of the page the rest is not looked at: what it names may stand there.
  const findings = examine([markupOf(root)], { isPart: root !== document.documentElement });
  for (const { code, severity, sentence, remedy, element: markup } of findings) {
    const element = elementOf(markup);
    if (!element) continue;
    const codes = told.get(element) ?? new Set();
    if (codes.has(code)) continue;
    told.set(element, codes.add(code));
    write({ code, severity, element, sentence, remedy });
  }
  return findings;
}

/** What has happened, and what is wrong. */
export interface Journal {
  /** The last 500 entries, oldest first. */
  readonly entries: readonly Entry[];
  /** Hears every later entry; returns the release. */
  subscribe(listener: (entry: Entry) => void): () => void;
  /** Examines what is under an element (the whole document by default), enters what was not entered before, and answers with all. */
  check(root?: Element): Finding[];
  clear(): void;
}

/** The journal of this page. */
export const journal: Journal = {
  /** The last 500 entries, oldest first. */
  entries,
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
  setTeller(enter);
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
