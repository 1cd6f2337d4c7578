// `npm run test:mutants [folder…]`: changes the source in one small place at a time, and checks whether a
// test fails. If no test does, the place is untested or makes no difference. A file is done when
// docs/mutants.json contains its result with the hash of its source. Results are written after every few
// files, so an interrupted run continues where it was. `--again` repeats files in which a change survived,
// after new tests were written. Mutants that make no difference are listed, with the reason, in
// scripts/mutants/equivalent.json.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, root, setUp } from './setup.mjs';
import { format } from 'prettier';

const source = 'packages/elastic-shell/src/';
const folders = ['core', 'engine', 'layer', 'list', 'bindings', 'patterns'];
const resultFile = join(root, 'docs/mutants.json');
const atOnce = 8;

/** Texts of the documents and lists without a decision in them. */
const isText = (file) => /(-notes|\/index|typed-notes)\.ts$|\/rules\/names\.ts$/.test(file);

const filesOf = (folder) => {
  const path = join(root, source, folder);
  if (folder.endsWith('.ts')) return [folder];
  return readdirSync(path, { recursive: true })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.d.ts'))
    .map((name) => `${folder}/${name}`)
    .filter((file) => !isText(file))
    .toSorted();
};

const hashOf = (file) =>
  createHash('sha256')
    .update(readFileSync(join(root, source, file)))
    .digest('hex')
    .slice(0, 12);

/**
 * Runs the mutants of `places` (files, or places in files) against the tests of one Jest project. Answers the mutants of each file.
 */
function run(places, project) {
  const folder = mkdtempSync(join(tmpdir(), 'mutants-'));
  const report = join(folder, 'report.json');
  const config = join(folder, 'config.json');
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jest',
      plugins: ['@stryker-mutator/jest-runner'],
      jest: {
        projectType: 'custom',
        configFile: 'scripts/mutants/jest.config.js',
        enableFindRelatedTests: false,
      },
      mutate: places.map((place) => source + place),
      coverageAnalysis: 'perTest',
      ignoreStatic: true,
      concurrency: 2,
      timeoutMS: 5_000,
      reporters: ['json'],
      jsonReporter: { fileName: report },
      tempDirName: '.mutants',
      ignorePatterns: ['**/dist', '**/built', 'docs', 'site', 'packages/cli'],
    }),
  );
  try {
    execFileSync(bin('stryker'), ['run', config, '--logLevel', process.env.MUTANTS_LOG ?? 'error'], {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, MUTANTS_WITH: project },
    });
    return JSON.parse(readFileSync(report, 'utf8')).files;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const isLeft = ({ status }) => status === 'Survived' || status === 'NoCoverage';
const counts = ({ status }) => !['Ignored', 'CompileError', 'RuntimeError'].includes(status);
const placeOf = (file, { location: { start, end } }) =>
  `${file}:${start.line}:${start.column - 1}-${end.line}:${end.column - 1}`;
const nameOf = ({ mutatorName, replacement, location: { start, end } }) =>
  [mutatorName, replacement, start.line, start.column, end.line, end.column].join();

/**
 * Runs the mutants of some files: first with the tests of the core, which are fast, and the survivors with
 * those with a DOM.
 */
function mutantsOf(files) {
  const isCore = files[0].startsWith('core/');
  const first = run(files, isCore ? 'core' : 'dom');
  const found = new Map(files.map((file) => [file, first[source + file]?.mutants.filter(counts) ?? []]));
  const left = isCore
    ? files.flatMap((file) =>
        found
          .get(file)
          .filter(isLeft)
          .map((mutant) => placeOf(file, mutant)),
      )
    : [];
  if (!left.length) return found;
  const second = run([...new Set(left)], 'dom');
  for (const [file, mutants] of found) {
    const again = new Map(second[source + file]?.mutants.map((mutant) => [nameOf(mutant), mutant]));
    found.set(
      file,
      mutants.map((mutant) => (isLeft(mutant) ? (again.get(nameOf(mutant)) ?? mutant) : mutant)),
    );
  }
  return found;
}

/** The description of a mutant: the line, the original text, the replacement. */
function described(file, { location: { start, end }, replacement, status }) {
  const lines = readFileSync(join(root, source, file), 'utf8').split('\n');
  const last = start.line === end.line ? end.column - 1 : undefined;
  const was = lines[start.line - 1].slice(start.column - 1, last);
  const short = (text) => text.replaceAll(/\s+/g, ' ').slice(0, 120);
  return {
    line: start.line,
    was: short(was),
    became: short(replacement ?? ''),
    ...(status === 'NoCoverage' && { covered: false }),
  };
}

setUp();
const words = process.argv.slice(2);
const isAgain = words.includes('--again');
const asked = words.filter((word) => !word.startsWith('-'));
const result = existsSync(resultFile) ? JSON.parse(readFileSync(resultFile, 'utf8')) : {};
const equivalent = JSON.parse(readFileSync(join(root, 'scripts/mutants/equivalent.json'), 'utf8'));

/** Returns true for a mutant that equivalent.json lists. */
const isEquivalent = (file, { was, became }) =>
  equivalent.some((each) => each.file === file && each.was === was && each.became === became);

async function save() {
  const all = new Set(folders.flatMap(filesOf));
  const kept = Object.fromEntries(
    Object.entries(result)
      .filter(([file]) => all.has(file))
      .toSorted(([one], [other]) => (one < other ? -1 : 1)),
  );
  writeFileSync(resultFile, await format(JSON.stringify(kept), { parser: 'json', printWidth: 200 }));
}

const isDone = (file) =>
  result[file]?.source === hashOf(file) &&
  !(isAgain && result[file].survived.some((each) => !isEquivalent(file, each)));

for (const folder of asked.length ? asked : folders) {
  const pending = filesOf(folder).filter((file) => !isDone(file));
  while (pending.length) {
    const files = pending.splice(0, atOnce);
    console.log(`${files.join(', ')} (${pending.length} files after these)`);
    for (const [file, mutants] of mutantsOf(files))
      result[file] = {
        source: hashOf(file),
        mutants: mutants.length,
        survived: mutants.filter(isLeft).map((mutant) => described(file, mutant)),
      };
    await save();
  }
}

for (const folder of folders) {
  const entries = Object.entries(result).filter(([file]) => file.startsWith(`${folder}/`));
  let mutants = 0;
  let survived = 0;
  let same = 0;
  for (const [file, each] of entries) {
    mutants += each.mutants;
    same += each.survived.filter((one) => isEquivalent(file, one)).length;
    survived += each.survived.length;
  }
  const share = mutants ? `${(((mutants - survived) / (mutants - same)) * 100).toFixed(1)} %` : 'not run';
  console.log(
    `${folder.padEnd(9)} ${share.padStart(8)}  ${mutants} mutants, ${survived} survived, ${same} of these make no difference; ` +
      `${entries.length} of ${filesOf(folder).length} files`,
  );
}
