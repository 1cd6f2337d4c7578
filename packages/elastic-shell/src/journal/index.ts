// The journal: what changed, what was refused, and what is wrong with the page. Importing it starts it. A
// repeated message about the same element is counted and not repeated, on the console as well.
import type { Change } from '../engine/types.js';
import { deliver } from '../core/cell.js';
import { type Reports, setTeller, type Teller } from '../core/report.js';
import { isElement } from '../engine/dom.js';
import { reported, type RuntimeCode, type Severity } from './codes.js';
import { elementOf, isApart, markupOf } from './document.js';
import { examine, type Finding, tagText } from './rules/index.js';
import { isRefuted } from './known.js';
import { pageAbout } from './pages.js';
import { type Step, tellStep } from './steps.js';
import { hearWishes } from './wishes.js';

export { setDocuments } from './pages.js';

/** An entry of the journal. */
export interface Entry {
  /** The code of the message, such as `id-duplicate`. */
  code: string;
  /** How serious it is. */
  severity: Severity;
  /** The element that it is about. */
  element: Element | undefined;
  /** The message, a whole sentence. */
  sentence: string;
  /** What to do about it, if anything can be done. */
  remedy?: string;
  /** The address of the page that explains it: see `setDocuments`. */
  page: string;
  /** When it was entered, in milliseconds since the page loaded. For a repeated message, the last time. */
  at: number;
  /** How often it was reported. */
  count: number;
  /** The change that it is about, if there is one. */
  change?: Change;
  /** For a refusal: who has refused. */
  by?: 'guard' | 'owner';
  /** For a refusal: the error of the guard, if there was one. */
  error?: unknown;
}

/** How many entries are kept. Older ones are removed. */
const limit = 500;
const entries: Entry[] = [];
const listeners = new Set<(entry: Entry) => void>();
const told = new WeakMap<Element, Set<string>>();

/** Returns the entry with the same message about the same element. */
const sameAs = ({ code, element, sentence }: Omit<Entry, 'page' | 'at' | 'count'>): Entry | undefined =>
  entries.find((each) => each.code === code && each.element === element && each.sentence === sentence);

const write = (news: Omit<Entry, 'page' | 'at' | 'count'>): void => {
  const at = performance.now();
  const known = news.severity === 'note' ? undefined : sameAs(news);
  if (known) {
    known.count++;
    known.at = at;
    return deliver(listeners, known);
  }
  const entry: Entry = { ...news, page: pageAbout(news.code), at, count: 1 };
  entries.push(entry);
  if (entries.length > limit) entries.shift();
  const { code, severity, sentence, remedy, page, element } = entry;
  if (severity !== 'note')
    console.warn(['elastic-shell', `${code}:`, sentence, remedy, page].filter(Boolean).join(' '), element);
  deliver(listeners, entry);
};

/** Returns the message of an event. Steps have none. */
const sayings: { [C in keyof Reports]?: RuntimeCode<Reports[C]> } = reported;

/** Whether the event is about a change, with the page's own event and element. */
const isChange = (detail: object): detail is Change => 'reason' in detail;

const enter: Teller = (code, subject, detail) => {
  const known = sayings[code];
  if (!known)
    // The values belong to the code, but TypeScript can't follow that through a type parameter.
    return tellStep({ code, subject, detail, at: performance.now() } as Step);
  if (!isElement(subject) || isApart(subject)) return;
  const { severity, sentence, remedy } = known;
  write({
    code,
    severity,
    element: subject,
    sentence: sentence(tagText(markupOf(subject)), detail),
    ...(remedy && { remedy }),
    ...(isChange(detail) && { change: detail }),
    ...('by' in detail && detail.by && { by: detail.by }),
    ...('error' in detail && detail.error !== undefined && { error: detail.error }),
  });
};

/** Checks everything under `root` (default: the whole document) and enters findings that are new. */
function check(root: Element = document.documentElement): Finding[] {
  // The rest of the page is not checked, but may contain what the part refers to.
  const findings = examine([markupOf(root)], { isPart: root !== document.documentElement });
  for (const { code, severity, sentence, remedy, element: markup } of findings) {
    const element = elementOf(markup);
    if (!element || isRefuted(code, element)) continue;
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
  /**
   * Follows every later entry, and every repeated one.
   *
   * @param listener - Called with the entry.
   * @returns A function that stops it.
   */
  subscribe(listener: (entry: Entry) => void): () => void;
  /**
   * Checks a part of the page, and enters findings that are new.
   *
   * @param root - The element to check. Default: the whole document.
   * @returns All findings.
   */
  check(root?: Element): Finding[];
  /** Removes all entries. */
  clear(): void;
}

/** The journal of this page. */
export const journal: Journal = {
  /** The last 500 entries, oldest first. */
  entries,
  /** Follows every later entry. Returns the release. */
  subscribe(listener: (entry: Entry) => void): () => void {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
  check,
  clear(): void {
    entries.length = 0;
  },
};

/**
 * How long a check waits at most until the page is idle, and how long it waits after a slow check, in
 * milliseconds.
 */
const longestWait = 5000;

if (typeof document !== 'undefined') {
  setTeller(enter);
  hearWishes((code, element, sentence, remedy) =>
    write({ code, severity: 'warning', element, sentence, remedy }),
  );
  let waiting = false;
  /** A page that is slow to check is not checked again at once. */
  let next = 0;
  const examineNow = (): void => {
    waiting = false;
    const began = performance.now();
    check();
    const ended = performance.now();
    next = ended + Math.min(10 * (ended - began), longestWait);
  };
  const examineIdle = (): void => {
    // A page that is never idle is checked all the same.
    if ('requestIdleCallback' in globalThis) requestIdleCallback(examineNow, { timeout: longestWait });
    else setTimeout(examineNow);
  };
  const later = (): void => {
    if (waiting) return;
    waiting = true;
    const wait = next - performance.now();
    if (wait > 0) setTimeout(examineIdle, wait);
    else examineIdle();
  };
  new MutationObserver(later).observe(document, { childList: true, subtree: true, attributes: true });
  later();
}
