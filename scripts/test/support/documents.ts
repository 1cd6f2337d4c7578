// The documents of the repository that people read.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';

export const root = join(__dirname, '../../..');

const inFolder = (folder: string): string[] =>
  readdirSync(join(root, folder))
    .filter((name) => name.endsWith('.md'))
    .map((name) => `${folder}/${name}`);

/** Written by people: their spelling and terms are checked. */
export const documents: readonly string[] = [
  ...['README.md', 'CHANGELOG.md', 'CONTRIBUTING.md', 'SECURITY.md', 'GOVERNANCE.md', 'CODE_OF_CONDUCT.md'],
  ...['docs', 'docs/guides', 'docs/frameworks', 'docs/patterns', 'examples/diagnostics'].flatMap(inFolder),
  ...['elastic-shell', 'cli', 'angular'].map((name) => `packages/${name}/README.md`),
];

/** Written by test runs. */
export const results: readonly string[] = inFolder('docs/conformance');
