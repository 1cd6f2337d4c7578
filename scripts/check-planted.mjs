// `npm run check:planted`: measures how many planted mistakes `check` finds. It takes the recipes in every
// framework, in which nothing is found, plants one mistake in one element at a time, and tests whether the
// rule for it finds something new there. Places are chosen at random, with a seed.  node
// scripts/check-planted.mjs [--count 200] [--seed 1] [--missed]
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from './build.mjs';
import { drawer } from './random.mjs';
import { root, setUp } from './setup.mjs';

const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    missed: { type: 'boolean', default: false },
  },
});

/** Mistakes by the rule that should find them: where one can be planted, and the text to insert. */
const mistakes = {
  'invoker-target-missing': [/ (commandfor|popovertarget)="([\w-]+)"/g, ' $1="$2z"'],
  'invoker-command-unknown': [/ command="(show-modal|toggle-popover|close)"/g, ' command="$1e"'],
  'invoker-command-missing': [/ command="[\w-]+"/g, ''],
  'invoker-target-unnamed': [/ commandfor="[\w-]+"(?= command=)/g, ''],
  'invoker-type-missing': [
    /(<form[^>]*>(?:(?!<\/form>)[\s\S]){0,400}?<button)( type="button")( commandfor)/g,
    '$1$3',
  ],
  'control-name-missing': [/(<button\b(?![^<>]*aria-label)[^<>{}]*>)[^<>{}]+(<\/button>)/g, '$1$2'],
  'role-unknown': [/ role="([a-z]+)"/g, ' role="$1l"'],
  'aria-attribute-unknown': [/ aria-label="/g, ' aria-lable="'],
  'aria-reference-missing': [/ aria-(labelledby|controls)="([\w-]+)"/g, ' aria-$1="$2z"'],
  'label-target-missing': [/<label (for|htmlFor)="([\w-]+)"/g, '<label $1="$2z"'],
  'id-duplicate': [
    /(<(?:button|input|h2|p|ul|div) )(?![^>]*\bid=)([^>]*>)([\s\S]*?[^:\w-]id="([\w-]+)")/g,
    '$1id="$4" $2$3',
  ],
  'tabindex-positive': [/<button((?:[^<>=]|=(?!>))*[^<>=/])>/g, '<button$1 tabindex="3">'],
  'aria-hidden-focusable': [/<button((?:[^<>=]|=(?!>))*[^<>=/])>/g, '<button$1 aria-hidden="true">'],
  'aria-value-unknown': [/<button((?:[^<>=]|=(?!>))*[^<>=/])>/g, '<button$1 aria-pressed="yes">'],
  'role-unreachable': [/<(p|h2)>([^<>{}]+)<\/\1>/g, '<$1 role="button">$2</$1>'],
  'press-unreachable': [/<(p|h2)>([^<>{}]+)<\/\1>/g, '<$1 onclick="go()">$2</$1>'],
  'image-text-missing': [/<(p|h2)>/g, '<$1><img src="a.png" />'],
  'list-item-astray': [/<ul\b([^>]*)>(\s*<li[^]*?)<\/ul>/g, '<div$1>$2</div>'],
  'heading-level-skipped': [/(<h2>[^]*?<\/h2>)/g, '$1<h4>Deeper</h4>'],
  'main-repeated': [/<(p|h2)>/g, '<main></main><main></main><$1>'],
  'dialog-name-missing': [/(<dialog\b[^>]*>[\s\S]*?)<h2>[^<{]*<\/h2>/g, '$1'],
  'shell-attribute-unknown': [/<(shell-[a-z]+|[a-z]+ data-wire="[a-z]+")/g, '<$1 data-wire-outsid="keep"'],
  'wire-pattern-unknown': [/ data-wire="([a-z]+)"/g, ' data-wire="$1l"'],
  'shell-part-missing': [
    /(<shell-(?:dialog|tabs|menu|tree|listbox|accordion)\b[^>]*>)[\s\S]*?(<\/shell-)/g,
    '$1<p>A</p>$2',
  ],
  'part-attribute-replaced': [/ (\{\.\.\.\w+\.root\}|v-bind="\w+\.root")/g, ' $1 id="mine"'],
  'interactive-nested': [/(<button\b[^<>{}]*>)([^<>{}]+)(<\/button>)/g, '$1$2<a href="/">A</a>$3'],
};

const languages = {
  html: 'HTML',
  element: 'elements',
  react: 'React',
  vue: 'Vue',
  svelte: 'Svelte',
  solid: 'Solid',
  angular: 'Angular',
};
const recipes = join(root, 'examples/recipes');

setUp();
await build(['library', 'cli']);
const { findIn } = await import('../packages/cli/dist/check/findings.js');
const { findNowhere, toldOf } = await import('../packages/cli/dist/check/leads.js');

const countOf = async (file, text, code) => {
  const { findings, leads, refused } = await findIn(file, text);
  if (refused !== undefined) return undefined;
  // As in a check of the whole project, in which no other file contains these ids.
  const nowhere = await findNowhere(leads, [{ text: async () => text }]);
  const told = leads.filter(({ id }) => nowhere.has(id)).map((lead) => toldOf(lead, nowhere.get(lead.id)));
  const all = [...findings, ...told];
  return { own: all.filter((each) => each.code === code).length, all: all.length };
};

/** Every place where a mistake can be planted. */
const places = [];
for (const recipe of readdirSync(recipes, { withFileTypes: true })) {
  if (!recipe.isDirectory() || /^(built|snippets|pages|node_modules)$/.test(recipe.name)) continue;
  for (const name of readdirSync(join(recipes, recipe.name))) {
    const language = languages[name.replace(/\..*/, '')];
    if (!language) continue;
    const file = join(recipes, recipe.name, name);
    const text = readFileSync(file, 'utf8');
    for (const [code, [pattern, made]] of Object.entries(mistakes))
      for (const match of text.matchAll(pattern)) {
        const [before, after] = [text.slice(0, match.index), text.slice(match.index)];
        // The text of a lookahead comes after the match.
        const planted = before + after.replace(new RegExp(pattern.source), made);
        if (planted === text) continue;
        places.push({ code, language, file, text, planted, recipe: recipe.name, at: match.index });
      }
  }
}

// Each rule in each language in turn. Otherwise the most frequent kind would dominate the sample.
const draw = drawer(Number(values.seed));
const groups = Map.groupBy
  ? Map.groupBy(places, ({ code, language }) => `${code} ${language}`)
  : places.reduce((all, each) => {
      const key = `${each.code} ${each.language}`;
      return all.set(key, [...(all.get(key) ?? []), each]);
    }, new Map());
for (const list of groups.values()) list.sort(() => draw() - 0.5);
const chosen = [];
for (let turn = 0; chosen.length < Number(values.count); turn++) {
  const round = [...groups.values()].flatMap((list) => list[turn] ?? []);
  if (!round.length) break;
  chosen.push(
    ...round
      .map((each) => ({ each, at: draw() }))
      .sort((one, other) => one.at - other.at)
      .map(({ each }) => each),
  );
}

const rows = new Map();
const missed = [];
for (const place of chosen.slice(0, Number(values.count))) {
  const { code, language, file, text, planted } = place;
  const [before, after] = [await countOf(file, text, code), await countOf(file, planted, code)];
  // Another rule may report it instead.
  const isFound = after === undefined || after.own > before.own || after.all > before.all;
  if (!isFound) missed.push(place);
  for (const key of [code, language, 'all']) {
    const row = rows.get(key) ?? { found: 0, planted: 0 };
    rows.set(key, row);
    row.planted++;
    if (isFound) row.found++;
  }
}
const line = (key) => {
  const { found, planted } = rows.get(key) ?? { found: 0, planted: 0 };
  if (planted) console.log(`${key.padEnd(26)} ${`${found}`.padStart(3)} of ${planted}`);
};
for (const code of Object.keys(mistakes)) line(code);
console.log('');
for (const language of Object.values(languages)) line(language);
console.log('');
line('all');
if (values.missed)
  for (const { code, file, planted, at } of missed)
    console.log(
      `\n${code} ${file.slice(recipes.length + 1)}\n  ${planted.slice(at, at + 160).replaceAll(/\s+/g, ' ')}`,
    );
