// The answers of a page's pretend server, held back until a test has looked at what happens meanwhile.
import type { Page } from 'playwright-core';

/** Timers of so many milliseconds and more are answers; what the library sets for a moment goes on. */
const shortest = 150;

/** Holds back what the page answers from now on; returns a function that lets it through, and whatever is asked afterwards. */
export async function holdAnswers(page: Page): Promise<() => Promise<void>> {
  await page.evaluate((least) => {
    const { setTimeout: set } = globalThis;
    const held: (() => void)[] = [];
    const hold = (handler: TimerHandler, milliseconds = 0, ...args: unknown[]): number => {
      if (milliseconds < least || typeof handler !== 'function') return set(handler, milliseconds, ...args);
      held.push(() => handler(...args));
      return 0;
    };
    const letThrough = (): void => {
      Object.assign(globalThis, { setTimeout: set });
      for (const each of held) each();
    };
    Object.assign(globalThis, { setTimeout: hold, letThrough });
  }, shortest);
  return () => page.evaluate(() => (globalThis as unknown as { letThrough(): void }).letThrough());
}
