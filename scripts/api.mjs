// `npm run api`: writes reports of the exports of each entry to docs/api, so that no change for users goes
// unnoticed. `--check` writes nothing, and fails if a report differs from the build.
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CompilerState, Extractor, ExtractorConfig } from '@microsoft/api-extractor';
import { build } from './build.mjs';
import { root, setUp } from './setup.mjs';

const folder = join(root, 'docs/api');

/** The entries of a package that have types: the imported name, and the file of its types. */
export function entriesOf(packageName) {
  const place = join(root, 'packages', packageName);
  const { name, exports } = JSON.parse(readFileSync(join(place, 'package.json'), 'utf8'));
  return Object.entries(exports).flatMap(([entry, said]) => {
    const types = typeof said === 'object' ? said.types : undefined;
    if (!types || entry.includes('*')) return [];
    return [{ name: `${name}${entry.slice(1)}`, file: join(place, types), place }];
  });
}

const silent = { default: { logLevel: 'none' } };

const configOf = ({ name, file, place }, to) =>
  ExtractorConfig.prepare({
    configObject: {
      projectFolder: place,
      mainEntryPointFilePath: file,
      newlineKind: 'lf',
      compiler: {
        overrideTsconfig: {
          compilerOptions: {
            target: 'es2022',
            module: 'esnext',
            moduleResolution: 'bundler',
            lib: ['es2023', 'dom', 'dom.iterable'],
            jsx: 'preserve',
            types: [],
            strict: true,
            skipLibCheck: true,
          },
          files: [file],
        },
      },
      apiReport: {
        enabled: true,
        reportFileName: name.replace(/^@/, '').replaceAll('/', '.'),
        reportFolder: to,
        reportTempFolder: join(to, 'temp'),
      },
      docModel: { enabled: false },
      dtsRollup: { enabled: false },
      tsdocMetadata: { enabled: false },
      messages: {
        compilerMessageReporting: silent,
        extractorMessageReporting: silent,
        tsdocMessageReporting: silent,
      },
    },
    configObjectFullPath: undefined,
    packageJsonFullPath: join(place, 'package.json'),
  });

/** Writes the reports of all entries into a folder. Returns their names. */
export function writeReports(to) {
  rmSync(to, { recursive: true, force: true });
  mkdirSync(join(to, 'temp'), { recursive: true });
  for (const packageName of ['elastic-shell', 'angular', 'cli']) {
    const entries = entriesOf(packageName);
    const [first] = entries;
    if (!first) continue;
    // One program for all entries, because parsing takes most of the time.
    const compilerState = CompilerState.create(configOf(first, to), {
      additionalEntryPoints: entries.map(({ file }) => file),
    });
    for (const entry of entries)
      Extractor.invoke(configOf(entry, to), {
        localBuild: true,
        compilerState,
        messageCallback: (message) => (message.handled = true),
      });
  }
  rmSync(join(to, 'temp'), { recursive: true, force: true });
  return readdirSync(to).sort();
}

/** Returns the reports that differ from the build. */
export function changedReports() {
  const now = join(tmpdir(), `elastic-shell-api-${process.pid}`);
  const names = new Set([...writeReports(now), ...(existsSync(folder) ? readdirSync(folder) : [])]);
  const textOf = (place, name) =>
    existsSync(join(place, name)) ? readFileSync(join(place, name), 'utf8') : undefined;
  const changed = [...names].filter((name) => textOf(now, name) !== textOf(folder, name));
  rmSync(now, { recursive: true, force: true });
  return changed;
}

if (process.argv[1] === import.meta.filename) {
  setUp();
  await build(['library', 'cli', 'angular']);
  if (process.argv.includes('--check')) {
    const changed = changedReports();
    for (const name of changed) console.error(`docs/api/${name} is not as what was built.`);
    if (changed.length) {
      console.error('Run "npm run api", and say in the changelog what has changed for users.');
      process.exit(1);
    }
  } else console.log(`${writeReports(folder).length} reports in docs/api`);
}
