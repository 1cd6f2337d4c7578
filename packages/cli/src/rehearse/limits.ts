// Limits of time: a page that never answers ends nothing but its own row.

/** Something that took longer than it may. */
export class TooLong extends Error {}

/** Answers what `work` answers, or throws `TooLong` after so many milliseconds. What is still under way then is nobody's any more. */
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
