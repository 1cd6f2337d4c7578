// A parser for files that ESLint itself can't read. It returns an empty program, and the rules read the text.
import type { Linter } from 'eslint';
import { version } from '../version.js';

/** Parses any text into a program without a statement. */
export const textParser: Linter.Parser = {
  meta: { name: 'elastic-shell-cli/eslint/text', version },
  parseForESLint(text: string) {
    const lines = text.split(/\r\n|[\r\n\u2028\u2029]/);
    const end = { line: lines.length, column: lines.at(-1)?.length ?? 0 };
    return {
      ast: {
        type: 'Program',
        sourceType: 'module',
        body: [],
        comments: [],
        tokens: [],
        range: [0, text.length],
        loc: { start: { line: 1, column: 0 }, end },
      },
      visitorKeys: { Program: [] },
    };
  },
};
