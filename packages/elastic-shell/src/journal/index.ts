// The journal: what changed, what was refused, and what is wrong with the page. Importing it starts it.
//
// A message about one element that comes again is counted and not repeated, on the console either.
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

/** One thing that was entered. */
export interface Entry {
  code: string;
  severity: Severity;
  /** The element it concerns. */
  element: Element | undefined;
  sentence: string;
  /** What to do about it, where there is something to do. */
  remedy?: string;
  /** The address of the page that explains it: see `setDocuments`. */
  page: string;
  /** When it was entered, in milliseconds since the page began; of what is counted, the last time. */
  at: number;
  /** How often it has come. */
  count: number;
  /** The change it tells of, where it tells of one. */
  change?: Change;
  /** Of a refusal: who has refused, and the error, where there was one. */
  by?: 'guard' | 'owner';
  error?: unknown;
}

/** How many entries are kept; older ones go. */
const limit = 500;
const entries: Entry[] = [];
const listeners = new Set<(entry: Entry) => void>();
const told = new WeakMap<Element, Set<string>>();

/** The entry that says the same of the same element. */
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

/** What the journal says of each; of steps nothing. */
const sayings: { [C in keyof Reports]?: RuntimeCode<Reports[C]> } = reported;

/** Whether it tells of a change, which it carries then, with the page's own event and element. */
const isChange = (detail: object): detail is Change => 'reason' in detail;

const enter: Teller = (code, subject, detail) => {
  const known = sayings[code];
  if (!known)
    // Its own values, by its code: TypeScript cannot follow that through a type parameter.
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

/** Examines what is under `root` (the whole document by default) and enters what was not entered before. */
function check(root: Element = document.documentElement): Finding[] {
  // Of a part of the page the rest is not looked at: what it names may stand there.
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
  /** Hears every later entry, and one that is counted again; returns the release. */
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

/** How long an examination waits at most: for the page to be idle, and after one that took long. In ms. */
const longestWait = 5000;

if (typeof document !== 'undefined') {
  setTeller(enter);
  hearWishes((code, element, sentence, remedy) =>
    write({ code, severity: 'warning', element, sentence, remedy }),
  );
  let waiting = false;
  /** A page that takes long to examine is not examined again at once. */
  let next = 0;
  const examineNow = (): void => {
    waiting = false;
    const began = performance.now();
    check();
    const ended = performance.now();
    next = ended + Math.min(10 * (ended - began), longestWait);
  };
  const examineIdle = (): void => {
    // A page that is never idle is examined all the same.
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
