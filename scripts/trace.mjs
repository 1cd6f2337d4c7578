// `npm run trace -- combobox ArrowDown`: what the library does for one key or one click on a recipe's page: files and functions in
// the order in which they are called, indented by their callers, with every write of an attribute. `click` clicks the first control.
// `--on '#id'` chooses another element. `--after ArrowDown,Escape` presses keys before, without printing what they do.
import { readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { build as bundle } from 'esbuild';
import { chromium } from 'playwright-core';
import ts from 'typescript';
import { build } from './build.mjs';
import { findQuickChromium, flags } from './chromium.mjs';
import { root, setUp } from './setup.mjs';

const { positionals, values } = parseArgs({
  allowPositionals: true,
  options: { on: { type: 'string' }, after: { type: 'string', default: '' } },
});
const [recipe = 'disclosure', key = 'click'] = positionals;

/** The first thing of each pattern that takes a key or a click. */
const usual =
  '[role=combobox],[role=tab],[role=treeitem],[role=listbox],button[commandfor],button[aria-describedby],[role=switch],summary,button';

/** Returns the name of a function: its own, that of its variable, or that of the function it is passed to. */
function nameOf(node, source) {
  if (node.name) return node.name.getText(source);
  const { parent } = node;
  if (ts.isVariableDeclaration(parent) || ts.isPropertyAssignment(parent)) return parent.name.getText(source);
  if (ts.isBinaryExpression(parent)) return parent.left.getText(source);
  if (ts.isCallExpression(parent)) return `(given to ${parent.expression.getText(source)})`;
  return '(nameless)';
}

/**
 * Returns the text of a module in which each function reports when it begins and ends. One that may pause
 * reports only that it began.
 */
function told(path, file) {
  const text = readFileSync(path, 'utf8');
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.ES2022, true);
  const edits = [];
  const visit = (node) => {
    if (ts.isFunctionLike(node) && node.body && !ts.isConstructorDeclaration(node)) {
      const mayPause =
        node.asteriskToken || node.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.AsyncKeyword);
      const begin = `$trace.enter(${JSON.stringify(file)}, ${JSON.stringify(nameOf(node, source))});${mayPause ? '$trace.leave();' : ''}`;
      const [open, close] = mayPause ? ['', ''] : ['try {', '} finally { $trace.leave(); }'];
      const [from, to] = [node.body.getStart(source), node.body.getEnd()];
      if (ts.isBlock(node.body)) edits.push([from + 1, begin + open], [to - 1, close]);
      else edits.push([from, `{ ${begin}${open} return (`], [to, `); ${close} }`]);
      // An object as the body of an arrow function is in parentheses, which stay around the return.
      if (ts.isParenthesizedExpression(node.body)) return ts.forEachChild(node.body, visit);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  let result = text;
  // Later positions come first. At the same position, the outer function comes first.
  const placed = edits.map(([at, words], order) => ({ at, words, order }));
  placed.sort((one, other) => other.at - one.at || other.order - one.order);
  for (const { at, words } of placed) result = result.slice(0, at) + words + result.slice(at);
  return result;
}

/** Bundles the script of the recipe's page, with functions of the library that report. */
async function pageOf(name) {
  const folder = join(root, 'examples/recipes', name);
  const html = readFileSync(join(folder, 'html.html'), 'utf8');
  const [script, contents] = /<script type="module">([\s\S]*?)<\/script>/.exec(html);
  const dist = join(root, 'packages/elastic-shell/dist');
  const tells = {
    name: 'tells',
    setup({ onLoad }) {
      onLoad({ filter: /elastic-shell\/dist\/.*\.js$/ }, ({ path }) => ({
        contents: told(path, relative(dist, path)),
        resolveDir: dirname(path),
      }));
    },
  };
  const { outputFiles } = await bundle({
    stdin: { contents, resolveDir: folder },
    bundle: true,
    format: 'iife',
    write: false,
    plugins: [tells],
  });
  const style = readFileSync(join(dist, 'styles/structure.css'), 'utf8');
  return { html: `<style>${style}</style>${html.replace(script, '')}`, code: outputFiles[0].text };
}

/** Runs in the page: records calls and writes while it is on. */
function keep() {
  const lines = [];
  let depth = 0;
  let isOn = false;
  const add = (file, name) => isOn && lines.push({ depth, file, name });
  const writing = (prototype, method) => {
    const before = prototype[method];
    prototype[method] = function (...args) {
      add(
        '',
        `${this.localName ?? 'style'}: ${method}(${args.map((each) => JSON.stringify(each)).join(', ')})`,
      );
      return before.apply(this, args);
    };
  };
  for (const method of ['setAttribute', 'removeAttribute', 'toggleAttribute'])
    writing(Element.prototype, method);
  writing(CSSStyleDeclaration.prototype, 'setProperty');
  globalThis.$trace = {
    enter: (file, name) => {
      add(file, name);
      depth++;
    },
    leave: () => depth--,
    record() {
      isOn = true;
    },
    lines: () => lines,
  };
}

setUp();
await build(['library']);
const { html, code } = await pageOf(recipe);
const browser = await chromium.launch({ executablePath: findQuickChromium(), args: flags });
const page = await browser.newPage();
await page.setContent(html);
await page.evaluate(keep);
await page.addScriptTag({ content: code });
const target = page.locator(values.on ?? usual).first();
for (const each of values.after.split(',').filter(Boolean)) await target.press(each);
await (key === 'click' ? target.hover() : target.focus());
await page.evaluate(() => globalThis.$trace.record());
await (key === 'click' ? target.click() : target.press(key));
const lines = await page.evaluate(
  () =>
    new Promise((resolve) =>
      requestAnimationFrame(() => requestAnimationFrame(() => resolve(globalThis.$trace.lines()))),
    ),
);
await browser.close();

const calls = lines.filter(({ file }) => file);
const count = (what, word) => `${what} ${word}${what === 1 ? '' : 's'}`;
const files = new Set(calls.map(({ file }) => file));
const renders = calls.filter(({ file, name }) => file === 'engine/turn.js' && name === 'write').length;
for (let at = 0; at < lines.length; at++) {
  const { depth, file, name } = lines[at];
  let times = 1;
  const isSame = (other) => other?.depth === depth && other.file === file && other.name === name;
  while (isSame(lines[at + 1])) {
    times++;
    at++;
  }
  const indent = ' '.repeat(Math.max(0, depth));
  console.log(`${indent}${name}${times > 1 ? ` × ${times}` : ''}${file && `  ${file}`}`);
}
console.log(
  `\n${recipe}, ${key}: ${count(calls.length, 'call')} in ${count(files.size, 'file')}, ${count(renders, 'render')}, ${count(lines.length - calls.length, 'write')} of attributes and styles.`,
);
