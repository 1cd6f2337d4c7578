// The published style sheets, with their imports, for all patterns and for each, and with lists in their
// subjects split. Browsers look a rule up by the subject of its selector, the part behind the last
// combinator: by its id, class, attribute or tag. A list such as `:where([role='option'], [role='treeitem'])`
// has none of these, so the browser tests it against every element of the page. Split into one selector for
// each alternative, it is tested only against elements that can match.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import postcss from 'postcss';
import importer from 'postcss-import';
import parser from 'postcss-selector-parser';
import { patternNames } from './generated/facts.mjs';
import { root } from './setup.mjs';

const library = join(root, 'packages/elastic-shell');
const lists = [':is', ':where'];

/** The sheets: a folder has one for each pattern. */
const sheets = [
  'structure.css',
  'skin.css',
  'controls.css',
  ...['structure', 'skin'].flatMap((kind) => patternNames.map((name) => `${kind}/${name}.css`)),
];

/** How specific a selector without ids is: classes, attributes and pseudo-classes, then tags. */
function specificity(selector) {
  let [classes, tags] = [0, 0];
  const add = (each) => {
    if (each.type === 'tag' || (each.type === 'pseudo' && each.value.startsWith('::'))) tags++;
    else if (each.type === 'class' || each.type === 'attribute') classes++;
    else if (each.type !== 'pseudo' || each.value === ':where') return;
    else if (!each.nodes.length) classes++;
    else {
      const [most] = each.nodes.map(specificity).sort((a, b) => b[0] - a[0] || b[1] - a[1]);
      classes += most[0];
      tags += most[1];
    }
  };
  selector.each(add);
  return [classes, tags];
}

/** Where the last combinator of a selector is; -1 if it has none. */
const lastCombinator = ({ nodes }) => nodes.findLastIndex(({ type }) => type === 'combinator');

const subjectOf = (selector) => selector.nodes.slice(lastCombinator(selector) + 1);

/** The first list in the subject of a selector, if it has one. */
const listIn = (selector) =>
  subjectOf(selector).find(
    ({ type, value, nodes }) => type === 'pseudo' && lists.includes(value) && nodes.length > 1,
  );

/** A selector for each alternative of the lists in its subject. Throws an error if this would change how specific it is. */
function writtenOut(selector) {
  const list = listIn(selector);
  if (!list) return [selector.toString().trim()];
  const at = selector.index(list);
  const places = new Set(list.nodes.map((each) => String(list.value === ':where' || specificity(each))));
  if (places.size > 1)
    throw new Error(
      `The alternatives of ${list} differ in specificity. Write a selector for each into the style sheet.`,
    );
  return list.nodes.flatMap((alternative) => {
    const one = selector.clone();
    one.at(at).nodes = [alternative.clone()];
    return writtenOut(one);
  });
}

const writeOut = {
  postcssPlugin: 'written-out',
  Rule(rule) {
    const selectors = parser().astSync(rule.selector).nodes.flatMap(writtenOut);
    if (selectors.length > rule.selectors.length) rule.selector = selectors.join(',\n');
  },
};

/** Subjects that a browser can't look up, so it tests them against every element. */
function subjectsWithoutKey(css) {
  const found = [];
  /** A key of its own, or the only alternative of a list that has one. */
  const hasKey = (each) =>
    ['tag', 'class', 'attribute', 'id'].includes(each.type) ||
    each.value === ':root' ||
    (lists.includes(each.value) && each.nodes.length === 1 && subjectOf(each.nodes[0]).some(hasKey));
  /** `form > *`: the browser passes over it at once, unless the parent is there. */
  const isChild = (selector) => selector.nodes[lastCombinator(selector)]?.value.trim() === '>';
  postcss.parse(css).walkRules((rule) => {
    // For browsers that have no better way.
    if (rule.parent.params === 'not (overlay: auto)') return;
    for (const selector of parser().astSync(rule.selector).nodes)
      if (!subjectOf(selector).some(hasKey) && !isChild(selector)) found.push(selector.toString().trim());
  });
  return found;
}

/** One sheet as it is published. */
async function sheet(name) {
  const from = join(library, 'src/styles', name);
  const { css } = await postcss([importer(), writeOut]).process(readFileSync(from), { from, map: false });
  return css.replace(/\n{3,}/g, '\n\n').trimStart();
}

if (process.argv[1] === import.meta.filename) {
  const [mode, ...files] = process.argv.slice(2);
  if (mode === '--check') {
    const found = files.flatMap((file) =>
      subjectsWithoutKey(readFileSync(file, 'utf8')).map((selector) => `${file}: ${selector}`),
    );
    if (found.length) {
      console.error(
        `${found.join('\n')}\nA browser tests these against every element. Name what each of them is for.`,
      );
      process.exit(1);
    }
  } else
    for (const name of sheets) {
      const to = join(library, 'dist/styles', name);
      mkdirSync(dirname(to), { recursive: true });
      writeFileSync(to, await sheet(name));
    }
}
