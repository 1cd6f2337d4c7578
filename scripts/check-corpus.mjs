// `npm run check:corpus`: measures the precision of `check` on foreign files: documentation in Debian
// packages, and the source of applications published on npm (corpus.json, chosen at random by
// corpus-collect.mjs). It fetches them into a temporary folder, checks them, and prints how often each rule
// finds something, with a sample for a person to read.  node scripts/check-corpus.mjs [--sample 100] [--seed
// 1] [--only applications|documentation] [--rule code]
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from './build.mjs';
import { distinct, fetched, filesOf, folder } from './corpus.mjs';
import { drawer } from './random.mjs';
import { setUp } from './setup.mjs';

const { values } = parseArgs({
  options: {
    sample: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string' },
    rule: { type: 'string' },
  },
});

/** Packages of documentation, with the number of pages that are skipped for each one that is read. */
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
/** Returns the folder of an unpacked package, after fetching it if necessary. */
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
const pagesIn = (place) =>
  readdirSync(place, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.html?$/i.test(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();

setUp();
await build(['library', 'cli']);
const { checkAll } = await import('../packages/cli/dist/check/check.js');

/** Returns the pages of documentation, one of every few. */
const documentation = () =>
  Object.entries(debian).flatMap(([name, step]) =>
    pagesIn(unpacked(name, fetchDebian(name))).filter((_, at) => at % step === 0),
  );

/** Returns the source of applications. */
async function applications() {
  const { packages, mostEach } = JSON.parse(readFileSync(join(import.meta.dirname, 'corpus.json'), 'utf8'));
  const waiting = Object.entries(packages).values();
  const files = [];
  const fetchNext = async () => {
    for (const [name, version] of waiting)
      try {
        files.push(...filesOf(await fetched(name, version)).slice(0, mostEach));
      } catch (error) {
        console.error(`${name} is not to be had here: ${error.message.split('\n')[0]}`);
      }
  };
  await Promise.all(Array.from({ length: 6 }, fetchNext));
  return files.sort().filter(distinct());
}

const groups = { documentation, applications };
const names = values.only ? [values.only] : Object.keys(groups);
const draw = drawer(Number(values.seed));

/** Checks files, and prints the findings. */
async function report(group, files) {
  const began = performance.now();
  const { results, problems } = await checkAll(
    {
      sources: files.map((name) => ({
        name,
        isFile: false,
        text: async () => readFileSync(name, 'utf8'),
        isWorth: async () => true,
      })),
      isWhole: false,
    },
    { config: { rules: new Map(), elements: new Map(), hooks: new Map(), patterns: [] } },
  );
  const seconds = ((performance.now() - began) / 1000).toFixed(1);
  const all = results
    .flatMap(({ name, findings }) => findings.map((finding) => ({ name, ...finding })))
    .filter(({ code }) => !values.rule || code === values.rule);
  console.log(
    `${group}: ${files.length} files in ${seconds} s, ${all.length} findings in ${new Set(all.map(({ name }) => name)).size} files, ${problems.length} passed over`,
  );
  const reasons = new Map();
  for (const problem of problems) {
    const reason = problem.replace(/^.*?: /, '').slice(0, 60);
    reasons.set(reason, (reasons.get(reason) ?? 0) + 1);
  }
  for (const [reason, count] of [...reasons].sort(([, one], [, other]) => other - one).slice(0, 5))
    console.log(`${`${count}`.padStart(6)} passed over: ${reason}`);
  const counts = new Map();
  for (const { code } of all) counts.set(code, (counts.get(code) ?? 0) + 1);
  for (const [code, count] of [...counts].sort(([, one], [, other]) => other - one))
    console.log(`${`${count}`.padStart(6)} ${code}`);

  // Prints a sample: at least ten findings of each rule, and at most two in one file, because an author often
  // repeats a mistake.
  const most = Number(values.sample);
  const shuffled = all.map((finding) => ({ finding, at: draw() })).sort((one, other) => one.at - other.at);
  const perRule = Math.max(10, Math.ceil(most / Math.max(1, counts.size)));
  const taken = new Map();
  const count = (key) => {
    taken.set(key, (taken.get(key) ?? 0) + 1);
    return taken.get(key);
  };
  const sample = shuffled
    .filter(({ finding: { code, name } }) => count(`${name} ${code}`) <= 2 && count(code) <= perRule)
    .slice(0, most);
  console.log(`\nA sample of ${sample.length}, to be read:`);
  for (const { finding } of sample) {
    const { name, line, column, code, sentence } = finding;
    const source = readFileSync(name, 'utf8').split('\n')[line - 1] ?? '';
    console.log(
      `${relative(folder, name)}:${line}:${column} ${code}\n  ${sentence}\n  ${source.slice(Math.max(0, column - 20), column + 160).trim()}`,
    );
  }
}

for (const name of names) await report(name, await groups[name]());
