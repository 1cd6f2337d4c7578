// Wrong uses of the library in each framework. Each must be an error with the first line in the comment above
// it. A reader of the error must know what to do without the library's own types. `--write` puts the first
// lines of the errors into the comments.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, outputOf, root } from './setup.mjs';
import { whenFree } from './parallel.mjs';

const folder = join(root, 'packages/elastic-shell/test/wrong');
const asPlain = ['--noEmit', '--pretty', 'false', '-p', 'tsconfig.json'];
const checkers = {
  plain: ['tsc', asPlain],
  react: ['tsc', asPlain],
  solid: ['tsc', asPlain],
  vue: ['vue-tsc', asPlain],
  svelte: ['svelte-check', ['--tsconfig', './tsconfig.json', '--output', 'machine']],
  angular: ['ngc', ['--noEmit', '-p', 'tsconfig.json']],
  // Angular's compiler looks at templates only where scripts have no errors.
  'angular-templates': ['ngc', ['--noEmit', '-p', 'tsconfig.json']],
};
const comment = /^\s*(?:\/\/|<!--|\{?\/\*) says: (.*?)(?: -->| \*\/\}?)?$/;
// eslint-disable-next-line no-control-regex
const colours = /\x1b\[\d+m/g;

/** The first lines of the errors by file and line: `[file, line, text]`. */
function errorsIn(output) {
  return output
    .replace(colours, '')
    .split('\n')
    .flatMap((line) => {
      const [, file, at, text] =
        /^(\S+?)[(:](\d+)[,:]\d+\)?(?::| -) error (?:TS|NG)-?\d+: (.*)$/.exec(line) ?? [];
      if (file) return [[file, Number(at), text]];
      const [, machine, number, words] = /^\d+ ERROR "(.+?)" (\d+):\d+ (".*")$/.exec(line) ?? [];
      return machine ? [[machine, Number(number), JSON.parse(words).split('\n')[0]]] : [];
    });
}

/** Returns a comment in the language around a line. */
function commentFor(file, lines, at, text) {
  const indent = /^\s*/.exec(lines[at])[0];
  const isMarkup = /^\s*<|^\s*\{\.\.\./.test(lines[at]);
  const isTemplate = /\.(vue|svelte)$/.test(file) || /^\s*<dialog/.test(lines[at]);
  if (isMarkup && isTemplate) return `${indent}<!-- says: ${text} -->`;
  return isMarkup ? `${indent}{/* says: ${text} */}` : `${indent}// says: ${text}`;
}

async function check([setting, [checker, args]], isWriting) {
  const cwd = join(folder, setting);
  const errors = errorsIn(await whenFree(() => outputOf(bin(checker), args, { cwd })));
  const wrong = [];
  for (const file of readdirSync(cwd).filter((name) => !name.endsWith('.json'))) {
    const lines = readFileSync(join(cwd, file), 'utf8').split('\n');
    const found = new Map(
      errors.filter(([name]) => name.endsWith(file)).map(([, line, text]) => [line - 1, text]),
    );
    if (isWriting) {
      const written = lines.flatMap((line, at) => {
        if (comment.test(line)) return [];
        return found.has(at) ? [commentFor(file, lines, at, found.get(at)), line] : [line];
      });
      writeFileSync(join(cwd, file), written.join('\n'));
      continue;
    }
    lines.forEach((line, at) => {
      const [, says] = comment.exec(lines[at - 1] ?? '') ?? [];
      if (says === found.get(at) || comment.test(line)) return;
      wrong.push(
        `${setting}/${file}:${at + 1} should say: ${says ?? 'nothing'}\n  says: ${found.get(at) ?? 'nothing'}`,
      );
    });
  }
  return wrong;
}

/** Checks the wrong uses of every setting. Throws an error that lists what differs. */
export async function checkWrongUses(isWriting = false) {
  const wrong = await Promise.all(Object.entries(checkers).map((each) => check(each, isWriting)));
  if (wrong.flat().length) throw new Error(`Wrong uses say something else:\n${wrong.flat().join('\n')}`);
}

if (process.argv[1] === import.meta.filename) await checkWrongUses(process.argv.includes('--write'));
