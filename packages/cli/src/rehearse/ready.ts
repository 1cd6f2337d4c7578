// Waits until a page is ready, by the page itself: it has loaded, no request is pending, nothing changes, and
// two checks find the same widgets. Pages that scripts render are empty when they have loaded, and a
// development server sends them module by module.
import type { Evidence } from 'elastic-shell/rehearsal';
import type { Page, Request } from 'playwright-core';
import { pause } from '../drive/wire.js';
import { Misuse } from '../misuse.js';
import { agentScript } from './agent.js';

/** The time between two checks, in milliseconds. */
const gap = 150;
/**
 * How long a page may take to become ready, in milliseconds. A page that never stops changing is accepted as
 * it is then.
 */
const most = 20_000;
/** How many checks must be equal, on a page with widgets and on one without, where they may still appear. */
const alike = { some: 2, none: 6 };
/**
 * After how many checks with the same widgets a page is ready that changes all the time, such as one with a
 * clock.
 */
const aliveAlike = 20;
/** How often a page may navigate by itself. */
const mostMoves = 10;

const counted = new WeakMap<Page, Set<Request>>();

/** The pending requests of a page, without those that stay open by their nature. */
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

/** Starts to count requests, before the page is opened. */
export const watchRequests = (page: Page): void => void underWay(page);

/** Whether an error was caused by a navigation. */
export const isElsewhere = (error: unknown): boolean =>
  /context was destroyed|navigat|no such execution|Execution context|inspected target|realm/i.test(
    error instanceof Error ? error.message : String(error),
  );

/** Puts the script into the page if it is missing, and reads the signs. */
async function look(page: Page): Promise<Evidence> {
  if (!(await page.evaluate<boolean>("'elasticRehearsal' in globalThis"))) await page.evaluate(agentScript());
  return page.evaluate(() => elasticRehearsal.evidence());
}

/** The same. Undefined if the page navigates meanwhile. */
async function lookUnlessElsewhere(page: Page): Promise<Evidence | undefined> {
  try {
    return await look(page);
  } catch (error) {
    if (isElsewhere(error)) return undefined;
    throw error;
  }
}

/** Compares two checks. */
const sameWidgets = (one: Evidence | undefined, other: Evidence): boolean => one?.widgets === other.widgets;
const isSame = (one: Evidence | undefined, other: Evidence): boolean =>
  sameWidgets(one, other) && one?.changes === other.changes && one.files === other.files;

/**
 * Waits until the page is ready, and leaves the script in it. `known` are the signs of an earlier time; a
 * page with the same widgets is ready at once. Throws `Misuse` if the page keeps navigating by itself.
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
    // Another document has replaced it, or is about to.
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
