// Comments that silence one finding, with a reason:
//
//   <!-- check: allow dialog-way-out-missing because the form in it closes it -->
//
// It counts for what begins on the line of the comment or on the next line with anything on it. In every language of comments
// it is the same words.
import { inOrder, type Placed } from './placed.js';

const clause = 'check: comments that allow a finding';

/** The rules about the comments themselves. Only a text has comments, so `check` and ESLint run them and the journal does not. */
export const commentRules = {
  reasonMissing: {
    code: 'allow-reason-missing',
    severity: 'warning',
    clause,
    summary: 'A comment allows a finding without a reason.',
    remedy: 'Add "because" and the reason.',
  },
  unused: {
    code: 'allow-unused',
    severity: 'warning',
    clause,
    summary: 'A comment allows a finding that doesn’t occur.',
    remedy: 'Remove it.',
  },
} as const;

/** An allowed finding, and the reason. */
export interface Allowed {
  finding: Placed;
  reason: string;
}

/** A comment that allows a finding, with its place. */
export interface Comment {
  codes: readonly string[];
  reason: string;
  /** The lines that it applies to, from 1. */
  lines: readonly number[];
  line: number;
  column: number;
  offset: number;
}

// A page may show such a comment as text, so it only counts inside a comment.
const comment =
  /(?<=(?:<!--|\/\*|\/\/)\s*)check: allow ([a-z][a-z-]*(?:, *[a-z][a-z-]*)*)(?: because ([^\n]*?))?[ \t]*(?:-->|\*\/|$)/gm;

/** Returns the comments of a text that allow something. */
export function commentsIn(text: string): Comment[] {
  if (!text.includes('check: allow ')) return [];
  const lines = text.split('\n');
  return [...text.matchAll(comment)].map((match): Comment => {
    const before = text.slice(0, match.index).split('\n');
    const line = before.length;
    let next = line + 1;
    while (next <= lines.length && !lines[next - 1]?.trim()) next++;
    return {
      codes: (match[1] ?? '').split(/, */),
      reason: match[2]?.trim() ?? '',
      lines: [line, next],
      line,
      column: (before.at(-1)?.length ?? 0) + 1,
      offset: match.index,
    };
  });
}

/** Returns what is wrong with the comment itself. */
function about(
  { line, column, offset, codes }: Comment,
  { code, severity, clause, remedy }: (typeof commentRules)[keyof typeof commentRules],
  sentence: string,
): Placed {
  return {
    code,
    severity,
    clause,
    sentence: `"check: allow ${codes.join(', ')}" ${sentence}`,
    remedy,
    line,
    column,
    offset,
    startLine: line,
  };
}

/** Separates allowed findings from the others, and returns what is wrong with the comments. */
export function parted(
  comments: readonly Comment[],
  findings: readonly Placed[],
): { findings: Placed[]; allowed: Allowed[] } {
  if (!comments.length) return { findings: [...findings], allowed: [] };
  const allowed: Allowed[] = [];
  const used = new Set<Comment>();
  const rest = findings.filter((finding) => {
    const own = comments.find(
      ({ codes, lines, reason }) =>
        reason && codes.includes(finding.code) && lines.includes(finding.startLine),
    );
    if (own) {
      used.add(own);
      allowed.push({ finding, reason: own.reason });
    }
    return !own;
  });
  const wrong = comments.flatMap((each): Placed[] => {
    if (!each.reason)
      return [about(each, commentRules.reasonMissing, 'has no reason, so it allows nothing.')];
    return used.has(each)
      ? []
      : [about(each, commentRules.unused, "allows a finding that doesn't occur here.")];
  });
  return { findings: inOrder([...rest, ...wrong]), allowed };
}
