// The production build of the library: the same modules in `dist/production`, without option checks and with a code in place of each
// error message. Bundlers choose it by the condition `production` (Vite by itself, esbuild with `--conditions=production`).
// docs/errors.md lists the codes; `npm run docs` writes it.
import { createHash } from 'node:crypto';
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { root } from './setup.mjs';

const dist = join(root, 'packages/elastic-shell/dist');
const target = join(dist, 'production');
const begin = 'elastic-shell: ';

/** Modules that only help during development, and their replacements. */
const stubs = {
  'engine/options.js': 'export const checkOptions = () => {};\nexport const suggestion = () => "";\n',
  'engine/known-patterns.js': 'export const noteKinds = () => {};\nexport const checkDefaults = () => {};\n',
};

/** The text of a message, with `…` for each value in it. Undefined for what isn't a message of the library. */
function textOf(node) {
  const text = ts.isTemplateExpression(node)
    ? node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join('')
    : ts.isStringLiteralLike(node)
      ? node.text
      : '';
  return text.startsWith(begin) ? text.slice(begin.length) : undefined;
}

const codeOf = (text) => createHash('sha1').update(text).digest('hex').slice(0, 5);

/** Finds the error messages in a module: the place and the text of each. Tools keep their messages. */
function messagesIn(text, path) {
  if (/^(testing|journal|inspector|rehearsal|server|heard)\//.test(path)) return [];
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.ES2022, true);
  const found = [];
  const visit = (node) => {
    const isError = ts.isNewExpression(node) && /^(Type|Range)?Error$/.test(node.expression.getText(source));
    const [message] = (isError && node.arguments) || [];
    const said = message && textOf(message);
    if (said) found.push({ from: message.getStart(source), to: message.getEnd(), text: said });
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const modules = () =>
  readdirSync(dist, { recursive: true, encoding: 'utf8' }).filter(
    (name) => /\.(js|svelte)$/.test(name) && !/^(production|browser)\//.test(name),
  );

/** Returns every error message that production builds shorten: its code, its text and the module that throws it. */
export const errorCodes = () =>
  modules()
    .filter((name) => name.endsWith('.js') && !(name in stubs))
    .flatMap((name) =>
      messagesIn(readFileSync(join(dist, name), 'utf8'), name).map(({ text }) => ({
        code: codeOf(text),
        text,
        module: name,
      })),
    )
    .sort((one, other) => one.code.localeCompare(other.code));

/** Writes `dist/production`. */
export function buildProduction() {
  rmSync(target, { recursive: true, force: true });
  for (const name of modules()) {
    const to = join(target, name);
    mkdirSync(dirname(to), { recursive: true });
    if (!name.endsWith('.js')) {
      cpSync(join(dist, name), to);
      continue;
    }
    let text = readFileSync(join(dist, name), 'utf8').replace(/\n\/\/# sourceMappingURL=.*/, '');
    for (const { from, to: end, text: said } of messagesIn(text, name).reverse())
      text = `${text.slice(0, from)}'${begin}error ${codeOf(said)}, see docs/errors.md'${text.slice(end)}`;
    writeFileSync(to, stubs[name] ?? text);
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) buildProduction();
