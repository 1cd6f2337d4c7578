// What Chromium says it did meanwhile: layouts that a script forced, and elements whose style was worked out again.
import type { Page } from 'playwright-core';

interface TraceEvent {
  name: string;
  ph: string;
  tid: number;
  ts: number;
  dur: number;
  args: { elementCount?: number; beginData?: { stackTrace?: unknown } };
}

export interface Traced {
  /** Times that a script had the page laid out before the frame was due. */
  forced: number;
  /** Elements restyled, at most in one go. */
  restyled: number;
  /** Elements restyled, all in all. */
  restyledAll: number;
}

/** Runs `act`, and waits for the frame that shows it. */
export async function traced(page: Page, act: () => Promise<unknown>): Promise<Traced> {
  const session = await page.context().browser()!.newBrowserCDPSession();
  const events: TraceEvent[] = [];
  session.on('Tracing.dataCollected', ({ value }) => events.push(...(value as unknown as TraceEvent[])));
  await session.send('Tracing.start', {
    traceConfig: { includedCategories: ['devtools.timeline', 'disabled-by-default-devtools.timeline.stack'] },
    transferMode: 'ReportEvents',
  });
  await act();
  await page.evaluate(
    () =>
      new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve)))),
  );
  const complete = new Promise((resolve) => session.once('Tracing.tracingComplete', resolve));
  await session.send('Tracing.end');
  await complete;
  await session.detach();
  const named = (name: string): TraceEvent[] => events.filter((event) => event.name === name);
  const calls = named('FunctionCall').filter(({ ph }) => ph === 'X');
  const isWithin = (inner: TraceEvent, outer: TraceEvent): boolean =>
    inner.tid === outer.tid && outer.ts <= inner.ts && inner.ts <= outer.ts + outer.dur;
  const stackOf = ({ args }: TraceEvent): string => JSON.stringify(args.beginData?.stackTrace ?? '');
  const forced = named('Layout')
    .sort((one, other) => one.ts - other.ts)
    .filter((layout) => calls.some((call) => isWithin(layout, call)))
    // With anchors the platform takes several passes for one question.
    .filter((layout, at, all) => !at || stackOf(layout) !== stackOf(all[at - 1]!));
  const restyled = named('UpdateLayoutTree').map(({ args }) => args.elementCount ?? 0);
  return {
    forced: forced.length,
    restyled: Math.max(0, ...restyled),
    restyledAll: restyled.reduce((sum, count) => sum + count, 0),
  };
}
