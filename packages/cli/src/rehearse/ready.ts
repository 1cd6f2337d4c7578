// Waits until a page is ready, by its own evidence: it has loaded, no request is under way, nothing changes, and two looks find the
// same widgets. Pages that scripts draw are empty when they have loaded; a development server sends them module by module.
import type { Evidence } from 'elastic-shell/rehearsal';
import type { Page, Request } from 'playwright-core';
import { pause } from '../drive/wire.js';
import { Misuse } from '../misuse.js';
import { agentScript } from './agent.js';

/** Milliseconds between two looks. */
const gap = 150;
/** How long a page may take to be ready, in milliseconds; one that never stops changing is taken as it is then. */
const most = 20_000;
/** Looks that must be alike, where a page has widgets and where it has none: those may come still. */
const alike = { some: 2, none: 6 };
/** Looks with the same widgets after which a page that changes all the time, by a clock or the like, is ready. */
const aliveAlike = 20;
/** How often a page may go elsewhere by itself. */
const mostMoves = 10;

const counted = new WeakMap<Page, Set<Request>>();

/** The requests of a page that are under way; those that stay open by their nature are left out. */
function underWay(page: Page): ReadonlySet<Request> {
  const known = counted.get(page);
  if (known) return known;
  const open = new Set<Request>();
  counted.set(page, open);
  page.on('request', (request) => {
    if (!/^(eventsource|websocket|ping|media)$/.test(request.resourceType())) open.add(request);
  });
  const end = (request: Request): void => void open.delete(request);
  page.on('requestfinished', end).on('requestfailed', end);
  return open;
}

/** Begins to count requests, before the page is opened. */
export const watchRequests = (page: Page): void => void underWay(page);

/** What was thrown because the page went elsewhere meanwhile. */
export const isElsewhere = (error: unknown): boolean =>
  /context was destroyed|navigat|no such execution|Execution context|inspected target|realm/i.test(
    error instanceof Error ? error.message : String(error),
  );

/** Puts our script into the page, where it is not, and looks. */
async function look(page: Page): Promise<Evidence> {
  if (!(await page.evaluate<boolean>("'elasticRehearsal' in globalThis"))) await page.evaluate(agentScript());
  return page.evaluate(() => elasticRehearsal.evidence());
}

/** The same; undefined where the page goes elsewhere meanwhile. */
async function lookUnlessElsewhere(page: Page): Promise<Evidence | undefined> {
  try {
    return await look(page);
  } catch (error) {
    if (isElsewhere(error)) return undefined;
    throw error;
  }
}

/** How alike two looks are. */
const sameWidgets = (one: Evidence | undefined, other: Evidence): boolean => one?.widgets === other.widgets;
const isSame = (one: Evidence | undefined, other: Evidence): boolean =>
  sameWidgets(one, other) && one?.changes === other.changes && one.files === other.files;

/**
 * Waits until the page is ready, and leaves our script in it. `known`: the evidence of an earlier time; a page that shows the same
 * widgets again is ready. Throws `Misuse` if the page keeps going elsewhere by itself.
 */
export async function ready(page: Page, known?: string): Promise<string> {
  const requests = underWay(page);
  const end = Date.now() + most;
  let last: Evidence | undefined;
  let same = 0;
  let alive = 0;
  let moves = 0;
  for (;;) {
    const now = await lookUnlessElsewhere(page);
    // Another document has come, or comes now.
    if (!now || (last && last.began !== now.began)) {
      [last, same, alive] = [now, 0, 0];
      if (++moves > mostMoves)
        throw new Misuse(`${page.url()} keeps navigating to other addresses, so it can't be checked.`);
    } else {
      const isQuiet = now.isLoaded && requests.size === 0;
      if (isQuiet && now.widgets === known) return now.widgets;
      same = isQuiet && isSame(last, now) ? same + 1 : 0;
      alive = now.isLoaded && sameWidgets(last, now) ? alive + 1 : 0;
      last = now;
      const wanted = now.widgets === '[]' ? alike.none : alike.some;
      if (same >= wanted || alive >= aliveAlike || Date.now() > end) return now.widgets;
    }
    await pause(gap);
  }
}
