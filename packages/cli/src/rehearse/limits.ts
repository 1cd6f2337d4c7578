// Time limits: a page that never answers fails only its own check.

/** An action that exceeded its time limit. */
export class TooLong extends Error {}

/**
 * Returns the result of `work`, or throws `TooLong` after a number of milliseconds. Anything still running
 * then is ignored.
 */
export async function within<T>(milliseconds: number, what: string, work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(
      () => reject(new TooLong(`${what} didn't respond in ${Math.round(milliseconds / 1000)} s`)),
      milliseconds,
    );
  });
  work.catch(() => undefined);
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}
