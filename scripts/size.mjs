// `npm run size`: each entry bundled alone, minified, against its budget. Fails when one is over it.
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { setUp, root } from './setup.mjs';
import { build } from './build.mjs';

setUp();
build(['library']);
const { build: bundle } = await import('esbuild');

/**
 * Bytes after gzip. An entry without a budget is only shown. The aims for one pattern alone are lower;
 * docs/quality.md sets them beside these, which hold what is, and says why.
 */
const budgets = {
  switch: 7900,
  disclosure: 8000,
  accordion: 14500,
  tabs: 15200,
  carousel: 10700,
  dialog: 15100,
  tooltip: 16100,
  drawer: 16250,
  popover: 18950,
  listbox: 18100,
  tree: 22300,
  menu: 23650,
  combobox: 32150,
  all: 54800,
  elements: 55800,
  early: 600,
};

const entries = {
  switch: `export { wireSwitch } from 'elastic-shell/switch'`,
  accordion: `export { wireAccordion } from 'elastic-shell/accordion'`,
  tabs: `export { wireTabs } from 'elastic-shell/tabs'`,
  carousel: `export { wireCarousel } from 'elastic-shell/carousel'`,
  disclosure: `export { wireDisclosure } from 'elastic-shell/disclosure'`,
  tooltip: `export { wireTooltip } from 'elastic-shell/tooltip'`,
  drawer: `export { wireDrawer } from 'elastic-shell/drawer'`,
  popover: `export { wirePopover } from 'elastic-shell/popover'`,
  listbox: `export { wireListbox } from 'elastic-shell/listbox'`,
  menu: `export { wireMenu } from 'elastic-shell/menu'`,
  tree: `export { wireTree } from 'elastic-shell/tree'`,
  combobox: `export { wireCombobox } from 'elastic-shell/combobox'`,
  dialog: `export { wireDialog } from 'elastic-shell/dialog'`,
  all: `export * from 'elastic-shell'`,
  elements: `import 'elastic-shell/elements'`,
  journal: `import 'elastic-shell/journal'`,
  early: `import 'elastic-shell/early.js'`,
};

/** Bindings, whole and with one pattern, without the engine and the patterns that an application has anyway, and without the framework. */
for (const name of ['react', 'vue', 'svelte', 'solid']) {
  const dialog = name === 'solid' ? 'createDialog' : 'useDialog';
  entries[name] = `export * from 'elastic-shell/${name}'`;
  entries[`${name}, one`] = `export { ${dialog} } from 'elastic-shell/${name}'`;
  budgets[name] = 6300;
  budgets[`${name}, one`] = 4400;
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
let over = 0;
console.log('entry        minified      gzip    brotli    budget');
for (const [name, contents] of Object.entries(entries)) {
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
    plugins: isBinding(name) ? [ownOnly] : [],
  });
  // What is imported only when it is needed (content that comes later) does not come with the page.
  const atOnce = new Set();
  const follow = (path) => {
    if (atOnce.has(path) || !metafile.outputs[path]) return;
    atOnce.add(path);
    for (const each of metafile.outputs[path].imports) if (each.kind !== 'dynamic-import') follow(each.path);
  };
  follow(Object.keys(metafile.outputs).find((path) => metafile.outputs[path].entryPoint === '<stdin>'));
  const code = Buffer.concat(
    outputFiles
      .filter(({ path }) => [...atOnce].some((each) => path.endsWith(each)))
      .map(({ contents: part }) => part),
  );
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
