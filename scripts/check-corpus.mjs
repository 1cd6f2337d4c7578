// `npm run check:corpus`: how right `check` is on pages that nobody here has written: the documentation that packages of Debian and
// of npm ship. It fetches them into a folder under the system's own for temporary files, checks every page that is left of every
// `step` pages, and prints how often each rule finds something, and a sample to be read by a person, one finding a line.
//
//   node scripts/check-corpus.mjs [--sample 100] [--seed 1]
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from './build.mjs';
import { setUp } from './setup.mjs';

const { values } = parseArgs({
  options: { sample: { type: 'string', default: '100' }, seed: { type: 'string', default: '1' } },
});

/** Packages of documentation, with how many of their pages are passed over for each that is read. */
const debian = {
  'ant-doc': 10,
  'apache2-doc': 10,
  'cmake-doc': 10,
  'dblatex-doc': 2,
  'debian-policy': 1,
  'developers-reference': 1,
  'doxygen-doc': 3,
  'erlang-doc': 8,
  'exim4-doc-html': 2,
  'gimp-help-en': 5,
  'git-doc': 3,
  'groovy-doc': 15,
  'libglib2.0-doc': 4,
  'libreoffice-help-en-us': 15,
  'nodejs-doc': 1,
  'octave-doc': 15,
  'openjdk-17-doc': 60,
  'postgresql-doc-15': 10,
  'python-django-doc': 5,
  'python-sqlalchemy-doc': 2,
  'sqlite3-doc': 5,
};
const npm = { cannon: 2, 'd3-graphviz': 1, dot: 1, jsxgraph: 3, katex: 1, paper: 2 };

const folder = join(tmpdir(), 'elastic-shell-corpus');
mkdirSync(folder, { recursive: true });

/** Where a package is unpacked; fetched when it is not there. */
function unpacked(name, fetch) {
  const place = join(folder, name);
  if (existsSync(place)) return place;
  try {
    mkdirSync(place);
    fetch(place);
  } catch (error) {
    console.error(`${name} is not to be had here: ${error.message.split('\n')[0]}`);
  }
  return place;
}

const quiet = { cwd: folder, stdio: 'pipe' };
const fetchDebian = (name) => (place) => {
  execFileSync('apt-get', ['download', name], quiet);
  const file = readdirSync(folder).find((each) => each.startsWith(`${name}_`));
  execFileSync('dpkg-deb', ['-x', join(folder, file), place], quiet);
};
const fetchNpm = (name) => (place) => {
  const file = execFileSync('npm', ['pack', name, '--silent'], quiet).toString().trim().split('\n').at(-1);
  execFileSync('tar', ['xzf', join(folder, file), '-C', place], quiet);
};

const pagesIn = (place) =>
  readdirSync(place, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.html?$/i.test(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();

setUp();
await build(['library', 'cli']);
const { checkAll } = await import('../packages/cli/dist/check/check.js');

const places = [
  ...Object.entries(debian).map(([name, step]) => [unpacked(name, fetchDebian(name)), step]),
  ...Object.entries(npm).map(([name, step]) => [unpacked(name, fetchNpm(name)), step]),
];
const pages = places.flatMap(([place, step]) => pagesIn(place).filter((_, at) => at % step === 0));
const began = performance.now();
const { results, problems } = await checkAll(
  pages.map((name) => ({ name, text: readFileSync(name, 'utf8'), isFile: false })),
  { config: { rules: new Map() } },
);
const seconds = ((performance.now() - began) / 1000).toFixed(1);
const all = results.flatMap(({ name, findings }) => findings.map((finding) => ({ name, ...finding })));
console.log(
  `${pages.length} pages of ${places.length} packages in ${seconds} s: ${all.length} findings, ${problems.length} passed over`,
);
const counts = new Map();
for (const { code } of all) counts.set(code, (counts.get(code) ?? 0) + 1);
for (const [code, count] of [...counts].sort(([, one], [, other]) => other - one))
  console.log(`${`${count}`.padStart(6)} ${code}`);

// A sample, each rule with its share and at least some: a generator with a seed, so that it is the same again.
let state = Number(values.seed) || 1;
const random = () => {
  state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
  return state / 2_147_483_648;
};
const shuffled = all.map((finding) => ({ finding, at: random() })).sort((one, other) => one.at - other.at);
const perRule = Math.max(5, Math.ceil(Number(values.sample) / Math.max(1, counts.size)));
const taken = new Map();
const sample = shuffled.filter(({ finding: { code } }) => {
  taken.set(code, (taken.get(code) ?? 0) + 1);
  return taken.get(code) <= perRule;
});
console.log(`\nA sample of ${Math.min(sample.length, Number(values.sample))}, to be read:`);
for (const { finding } of sample.slice(0, Number(values.sample))) {
  const { name, line, column, code, sentence } = finding;
  const source = readFileSync(name, 'utf8').split('\n')[line - 1] ?? '';
  console.log(
    `${relative(folder, name)}:${line}:${column} ${code}\n  ${sentence}\n  ${source.slice(Math.max(0, column - 20), column + 140).trim()}`,
  );
}
