// Makes the early script (`script`), and the module that holds it as text with its hash, for pages that carry it inline
// (`module`).
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { root } from './setup.mjs';

const library = join(root, 'packages/elastic-shell');

/** The early script as one line. It is on its own in the head of a page, as a classic script. */
const earlyScript = () =>
  buildSync({
    entryPoints: [join(library, 'src/early.ts')],
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    write: false,
    tsconfigRaw: { compilerOptions: { alwaysStrict: false } },
  }).outputFiles[0].text.trim();

const moduleOf = (text) => `// Made from early.ts by \`npm run build\`. Change that, not this.

/** The early script, to be put into a \`<script>\` in the head of a page. */
export const earlyScript = ${JSON.stringify(text)};

/** Its hash, for the policy of such a page: \`script-src 'self' 'sha256-…'\`. CSP Level 3. */
export const earlyScriptHash = 'sha256-${createHash('sha256').update(text).digest('base64')}';
`;

const targets = {
  module: ['src/server/early-script.ts', moduleOf],
  script: ['dist/early.js', (text) => text],
};

if (process.argv[2] === 'print') process.stdout.write(earlyScript());
const [file, make] = targets[process.argv[2]] ?? [];
if (file) {
  const path = join(library, file);
  const made = make(earlyScript());
  if (!existsSync(path) || readFileSync(path, 'utf8') !== made) writeFileSync(path, made);
  // The map of the module that the compiler has made of it says nothing of this.
  rmSync(`${path}.map`, { force: true });
}
