// `npm run size`: each entry bundled alone, minified, against its budget. Fails when one is over it.
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { setUp, root } from './setup.mjs';
import { build } from './build.mjs';

setUp();
build(['library']);
const { build: bundle } = await import('esbuild');

/**
 * Bytes after gzip. An entry without a budget is only shown. The aims for one pattern alone are 1,600
 * (disclosure) and 3,800 (dialog); docs/quality.md says why they are not met. These hold what is.
 */
const budgets = {
  disclosure: 2450,
  dialog: 7100,
  tooltip: 7700,
  drawer: 7600,
  popover: 8400,
  all: 20000,
};

const entries = {
  disclosure: `export { wireDisclosure } from 'elastic-shell/disclosure'`,
  tooltip: `export { wireTooltip } from 'elastic-shell/tooltip'`,
  drawer: `export { wireDrawer } from 'elastic-shell/drawer'`,
  popover: `export { wirePopover } from 'elastic-shell/popover'`,
  dialog: `export { wireDialog } from 'elastic-shell/dialog'`,
  all: `export * from 'elastic-shell'`,
  elements: `import 'elastic-shell/elements'`,
  journal: `import 'elastic-shell/journal'`,
};

const kilo = (bytes) => `${(bytes / 1000).toFixed(2)} kB`.padStart(9);
let over = 0;
console.log('entry        minified      gzip    brotli    budget');
for (const [name, contents] of Object.entries(entries)) {
  const { outputFiles } = await bundle({
    stdin: { contents, resolveDir: root },
    bundle: true,
    minify: true,
    format: 'esm',
    target: 'es2022',
    write: false,
    logLevel: 'error',
  });
  const [{ contents: code }] = outputFiles;
  const gzip = gzipSync(code, { level: 9 }).length;
  const budget = budgets[name];
  const isOver = budget !== undefined && gzip > budget;
  over += isOver;
  const sizes = [code.length, gzip, brotliCompressSync(code).length].map(kilo).join(' ');
  console.log(`${name.padEnd(11)} ${sizes} ${budget ? kilo(budget) : '        -'}${isOver ? '  over' : ''}`);
}
if (over) {
  console.error(`${over} over budget.`);
  process.exit(1);
}
