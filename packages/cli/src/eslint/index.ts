// The rules of `check` in ESLint (flat configuration), with their fixes:
//
//   import elasticShell from 'elastic-shell-cli/eslint';
//   export default [...elasticShell.configs.recommended];
//
// Whatever parser ESLint reads a file with, the rules read its text as `check` does: each rule reports what `check` finds under its
// code. Beside `eslint-disable` comments those of `check` count.
import type { ESLint, Linter, Rule } from 'eslint';
import { createSyncFn } from 'synckit';
import { allRules, type Rule as OwnRule } from 'elastic-shell/rules';
import { commentRules } from '../check/allowed.js';
import type { Placed } from '../check/placed.js';
import { version } from '../version.js';
import { textParser } from './parser.js';
import type { Answer } from './worker.js';

const name = 'elastic-shell';

/** The worker starts with the first file. */
let ask: ((file: string, text: string) => Answer) | undefined;
const answerTo = (file: string, text: string): Answer => {
  ask ??= createSyncFn(new URL('./worker.js', import.meta.url), { timeout: 60_000 });
  return ask(file, text);
};

/** The findings in a file, shared by all rules. */
const known = new WeakMap<object, readonly Placed[]>();

function findingsOf({ sourceCode, physicalFilename }: Rule.RuleContext): readonly Placed[] {
  const before = known.get(sourceCode);
  if (before) return before;
  const answer = answerTo(physicalFilename, sourceCode.text);
  // Files that `check` can't read are reported by the project's own parser.
  const findings = 'findings' in answer ? answer.findings : [];
  known.set(sourceCode, findings);
  return findings;
}

/** An ESLint rule for a rule of `check`. */
const ruleOf = ({
  code,
  summary,
  clause,
}: Pick<OwnRule, 'code' | 'summary' | 'clause'>): Rule.RuleModule => ({
  meta: {
    type: 'problem',
    fixable: 'code',
    schema: [],
    docs: { description: `${summary} It follows: ${clause}.` },
  },
  create(context) {
    return {
      // A text is read as a whole.
      Program() {
        for (const { code: found, sentence, remedy, line, column, fix } of findingsOf(context)) {
          if (found !== code) continue;
          context.report({
            message: `${sentence} ${remedy}`,
            loc: { line, column: column - 1 },
            ...(fix && { fix: (fixer) => fixer.insertTextAfterRange([fix.at, fix.at], fix.insert) }),
          });
        }
      },
    };
  },
});

const all = [...allRules(), ...Object.values(commentRules)];

const plugin = {
  meta: { name: 'elastic-shell-cli/eslint', version, namespace: name },
  rules: Object.fromEntries(all.map((rule) => [rule.code, ruleOf(rule)])),
  /** For files without another parser: `languageOptions: { parser: elasticShell.parser }`. */
  parser: textParser,
} satisfies ESLint.Plugin & { parser: Linter.Parser };

const rules: Linter.RulesRecord = Object.fromEntries(
  all.map(({ code, severity }) => [`${name}/${code}`, severity === 'error' ? 'error' : 'warn']),
);

/** Every rule, for templates and scripts with markup, with the project's own parsers. */
const recommended: Linter.Config[] = [
  {
    name: `${name}/recommended`,
    files: ['**/*.{jsx,tsx,vue,svelte,astro,html}', '**/*.component.ts'],
    plugins: { [name]: plugin },
    rules,
  },
  {
    name: `${name}/jsx`,
    files: ['**/*.jsx'],
    languageOptions: { parserOptions: { ecmaFeatures: { jsx: true } } },
  },
];

/** The same, with a parser for HTML and Astro pages if the project has none. */
const pages: Linter.Config[] = [
  ...recommended,
  {
    name: `${name}/pages`,
    files: ['**/*.{html,astro}'],
    languageOptions: { parser: textParser },
  },
];

/** The plugin with its configurations. */
const elasticShell = { ...plugin, configs: { recommended, pages } };

export default elasticShell;
