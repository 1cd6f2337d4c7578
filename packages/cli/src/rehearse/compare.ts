// Two transcripts compared: the lines that were removed, and those that were added.
import { diffLines } from 'diff';

/** Returns the differences as lines that begin with `-` and `+`. Empty if there are none. */
export function differences(before: string, after: string): string {
  const lines = diffLines(before, after).flatMap(({ added, removed, value }) =>
    added || removed
      ? value
          .replace(/\n$/, '')
          .split('\n')
          .map((line) => `${added ? '+' : '-'} ${line}`)
      : [],
  );
  return lines.length ? `${lines.join('\n')}\n` : '';
}
