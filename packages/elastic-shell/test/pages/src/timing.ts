// How the bench takes times: medians, to layout, with a frame between.

export const rounds = 15;
export const median = (times: number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1]!;
export const timed = (act: () => void): number => {
  const began = performance.now();
  act();
  return performance.now() - began;
};
export const frame = (): Promise<void> =>
  new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
export const layout = (): number => document.body.offsetHeight;

/** What was measured: ours and theirs. */
export interface Figure {
  what: string;
  /** Milliseconds, the median. */
  ours: number;
  theirs: number;
  against: string;
  /** The greatest ratio that is within budget. */
  budget: number;
}

/** Runs both in turn, `turns` times (15 where nothing is said), so that a slow moment of the machine falls on both. */
export async function compare(
  what: string,
  against: string,
  budget: number,
  ours: () => number | Promise<number>,
  theirs: () => number | Promise<number>,
  turns = rounds,
): Promise<Figure> {
  const times: [number[], number[]] = [[], []];
  for (let round = 0; round < turns + 3; round++) {
    for (const [at, act] of [ours, theirs].entries()) {
      await frame();
      const time = await act();
      if (round >= 3) times[at]!.push(time);
    }
  }
  return { what, against, budget, ours: median(times[0]), theirs: median(times[1]) };
}

/**
 * Milliseconds that `wire` takes on a page that holds `html`, with what it leaves to the end of its task, and the layout that follows. What
 * it returns lets go again.
 */
export const wiringOf = (wire: () => () => void, html: () => string) => async (): Promise<number> => {
  document.body.innerHTML = html();
  layout();
  const began = performance.now();
  const release = wire();
  await 0;
  layout();
  const time = performance.now() - began;
  release();
  return time;
};
