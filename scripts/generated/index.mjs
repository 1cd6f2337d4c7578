// Files that list the patterns. They are generated from the folders, because bundlers, TypeScript and Node.js need a static list.
// `npm run docs` writes them; `npm test` fails if one is out of date.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { angularFiles } from './angular.mjs';
import { bindingFiles } from './bindings.mjs';
import { src } from './facts.mjs';
import { handleFiles } from './handles.mjs';
import { libraryFiles } from './library.mjs';
import { optionFiles } from './options.mjs';
import { packageFile } from './package.mjs';

export { patternNames } from './facts.mjs';

const files = [
  ...optionFiles,
  ...handleFiles,
  ...libraryFiles,
  ...bindingFiles,
  ...angularFiles,
  packageFile,
];

/** Returns the generated files, formatted. */
async function formatted() {
  const config = await resolveConfig(join(src, 'index.ts'));
  return Promise.all(
    files.map(async ({ path, text }) => ({
      path,
      text: await format(text, {
        ...config,
        parser: path.endsWith('.json') ? 'json-stringify' : 'typescript',
      }),
    })),
  );
}

/** Returns the generated files whose text on disk differs. */
export const outdated = async () =>
  (await formatted()).filter(({ path, text }) => {
    try {
      return readFileSync(path, 'utf8') !== text;
    } catch {
      return true;
    }
  });

/** Writes the files that are out of date. */
export async function writeGenerated() {
  for (const { path, text } of await outdated()) writeFileSync(path, text);
}

if (process.argv[1] === import.meta.filename) await writeGenerated();
