// `npm run size`: each entry bundled alone, minified, against its budget; and the bytes that it adds to a page with a dialog (the
// dialog itself: to one with a disclosure). Budgets hold for the condition `production`; the column `checked` is the size without
// it, with option checks and full messages. Fails if an entry is over its budget. `-- --write` keeps what each pattern costs in
// docs/sizes.json, from which `npm run docs` tells it on the page of the pattern.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { build as bundle, transform } from 'esbuild';
import { build } from './build.mjs';
import { patternNames } from './generated/index.mjs';
import { setUp, root } from './setup.mjs';

/**
 * Bytes after gzip. An entry without a budget is only shown. The aims for one pattern alone are lower than
 * these budgets; docs/quality.md compares them and gives the reasons.
 */
const budgets = JSON.parse(readFileSync(join(import.meta.dirname, 'budgets.json'), 'utf8'));

const cap = (name) => name[0].toUpperCase() + name.slice(1);

const entries = {
  ...Object.fromEntries(
    patternNames.map((name) => [name, `export { wire${cap(name)} } from 'elastic-shell/${name}'`]),
  ),
  all: `export * from 'elastic-shell'`,
  page: `export * from 'elastic-shell/page'`,
  elements: `import 'elastic-shell/elements'`,
  journal: `import 'elastic-shell/journal'`,
  early: `import 'elastic-shell/early.js'`,
};

/** Bindings, whole and with one pattern, without the engine and the patterns that an application has anyway, and without the framework. */
for (const name of ['react', 'vue', 'svelte', 'solid']) {
  const dialog = name === 'solid' ? 'createDialog' : 'useDialog';
  entries[name] = `export * from 'elastic-shell/${name}'`;
  entries[`${name}, one`] = `export { ${dialog} } from 'elastic-shell/${name}'`;
  budgets[name] = 7750;
  budgets[`${name}, one`] = 5750;
}
const ownOnly = {
  name: 'own-only',
  setup({ onResolve }) {
    onResolve({ filter: /.*/ }, ({ path, importer }) => {
      if (importer === '<stdin>' || importer === '') return undefined;
      const isOwn = path.startsWith('.') && !path.endsWith('.svelte');
      const target = new URL(path, `file://${importer}`).pathname;
      return isOwn && /\/(bindings|core\/outline)\//.test(target) ? undefined : { path, external: true };
    });
  },
};
const isBinding = (name) => /^(react|vue|svelte|solid)/.test(name);

const kilo = (bytes) => `${(bytes / 1000).toFixed(2)} kB`.padStart(9);
/** The path of a module in the build of the library. */
const inDist = (path) => path.replace(/^.*elastic-shell\/dist\/(production\/)?/, '');
const gzipped = (code) => gzipSync(code, { level: 9 }).length;

/** Returns the code that loads at once with a page that has `contents`, and its modules. */
async function bundled(contents, plugins = [], conditions = ['production']) {
  const { outputFiles, metafile } = await bundle({
    stdin: { contents, resolveDir: root },
    bundle: true,
    minify: true,
    splitting: true,
    outdir: 'out',
    format: 'esm',
    target: 'es2022',
    write: false,
    metafile: true,
    logLevel: 'error',
    plugins,
    conditions,
  });
  // Code that is imported on demand (such as lazy content) is not included.
  const atOnce = new Set();
  const follow = (path) => {
    if (atOnce.has(path) || !metafile.outputs[path]) return;
    atOnce.add(path);
    for (const each of metafile.outputs[path].imports) if (each.kind !== 'dynamic-import') follow(each.path);
  };
  follow(Object.keys(metafile.outputs).find((path) => metafile.outputs[path].entryPoint === '<stdin>'));
  const parts = outputFiles.filter(({ path }) => [...atOnce].some((each) => path.endsWith(each)));
  const modules = [...atOnce].flatMap((path) =>
    Object.entries(metafile.outputs[path].inputs).map(([file, { bytesInOutput }]) => ({
      file: inDist(file),
      bytes: bytesInOutput,
    })),
  );
  const later = Object.entries(metafile.outputs)
    .filter(([path, { entryPoint }]) => entryPoint && !atOnce.has(path))
    .map(([path, { entryPoint }]) => {
      const { contents: code } = outputFiles.find(({ path: file }) => file.endsWith(path));
      return [inDist(entryPoint).replace(/\.js$/, ''), gzipped(code)];
    });
  return { code: Buffer.concat(parts.map(({ contents: part }) => part)), modules, later };
}

/** What a pattern adds to a page that has another already. */
async function beside(name) {
  const other = name === 'dialog' ? 'disclosure' : 'dialog';
  const [alone, both] = await Promise.all(
    [entries[other], `${entries[other]}\n${entries[name]}`].map((contents) => bundled(contents)),
  );
  return gzipped(both.code) - gzipped(alone.code);
}

/** The binding for Angular, which comes as one module of its own. */
async function angular() {
  const path = join(root, 'packages/angular/dist/fesm2022/elastic-shell-angular.mjs');
  const { code } = await transform(readFileSync(path, 'utf8'), {
    minify: true,
    format: 'esm',
    target: 'es2022',
  });
  return Buffer.from(code);
}

const sizesOf = (name, code) => ({
  name,
  minified: code.length,
  gzip: gzipped(code),
  brotli: brotliCompressSync(code).length,
  budget: budgets[name],
});

/** Style sheets by what a page loads of them: all, and for a dialog. */
const styleSheets = {
  styles: ['structure', 'skin'],
  'styles, one': ['structure/dialog', 'skin/dialog'],
};
budgets['styles'] = 6200;
budgets['styles, one'] = 2450;

async function styles(names) {
  const texts = names.map((name) =>
    readFileSync(join(root, `packages/elastic-shell/dist/styles/${name}.css`), 'utf8'),
  );
  const { code } = await transform(texts.join('\n'), { loader: 'css', minify: true });
  return Buffer.from(code);
}

/** Returns the bytes of each entry, the bytes that it adds to another, and the modules of everything. */
export async function measureSizes() {
  await build(['library', 'angular']);
  const rows = [];
  let modules = [];
  for (const [name, contents] of Object.entries(entries)) {
    const { code, modules: made, later } = await bundled(contents, isBinding(name) ? [ownOnly] : []);
    if (name === 'all') modules = made;
    const checked = await bundled(contents, isBinding(name) ? [ownOnly] : [], []);
    rows.push({
      ...sizesOf(name, code),
      checked: gzipped(checked.code),
      ...(patternNames.includes(name) && { beside: await beside(name), later }),
    });
  }
  rows.push(sizesOf('angular', await angular()));
  for (const [name, sheets] of Object.entries(styleSheets)) rows.push(sizesOf(name, await styles(sheets)));
  return { rows, modules };
}

if (process.argv[1] === import.meta.filename) {
  setUp();
  const { rows } = await measureSizes();
  console.log('entry        minified      gzip    brotli    budget   checked    beside');
  for (const { name, minified, gzip, brotli, budget, checked, beside: added } of rows) {
    const sizes = [minified, gzip, brotli].map(kilo).join(' ');
    const columns = [budget, checked, added]
      .map((bytes) => (bytes === undefined ? '        -' : kilo(bytes)))
      .join(' ');
    console.log(`${name.padEnd(11)} ${sizes} ${columns}${gzip > budget ? '  over' : ''}`);
  }
  const over = rows.filter(({ gzip, budget }) => gzip > budget).length;
  if (process.argv.includes('--write')) {
    const patterns = rows.filter(({ name }) => patternNames.includes(name));
    const sizes = Object.fromEntries(
      patterns.map(({ name, gzip, checked, beside: added, later }) => [
        name,
        { gzip, checked, beside: added, later: Object.fromEntries(later.toSorted()) },
      ]),
    );
    writeFileSync(join(root, 'docs/sizes.json'), `${JSON.stringify(sizes, undefined, 2)}\n`);
  }
  if (over) {
    console.error(`${over} over budget.`);
    process.exit(1);
  }
}
