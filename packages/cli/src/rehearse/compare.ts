// Two transcripts side by side: the lines that are gone, and those that have come.
import { diffLines } from 'diff';

/** What differs, as lines that begin with `-` and `+`; '' where nothing does. */
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
