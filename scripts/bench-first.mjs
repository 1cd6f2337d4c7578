// `npm run bench:first`: measures how many bytes the first dialog adds to an application in each framework,
// minified and gzipped, with Vite, compared with the same application with a native dialog.
import { gzipSync } from 'node:zlib';
import { join } from 'node:path';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { build as bundle } from 'vite';
import solid from 'vite-plugin-solid';
import { build } from './build.mjs';
import { root, setUp } from './setup.mjs';

setUp();
process.env.NODE_ENV = 'production';
await build(['library']);

const entries = {
  react: 'react-%.tsx',
  vue: 'vue-%.ts',
  svelte: 'svelte-%.ts',
  solid: 'solid-%.tsx',
};

/** Returns the bytes that load at once, and those that load on demand. */
async function bytesOf(file) {
  const { output } = await bundle({
    configFile: false,
    root: join(root, 'examples/bench'),
    logLevel: 'error',
    define: { __VUE_OPTIONS_API__: 'false' },
    plugins: [svelte({ configFile: false }), solid({ include: /solid-\w+\.tsx$/ })],
    build: {
      write: false,
      modulePreload: false,
      rollupOptions: { input: join(root, 'examples/bench/src/first', file) },
    },
  });
  const chunks = new Map(
    output.filter(({ type }) => type === 'chunk').map((chunk) => [chunk.fileName, chunk]),
  );
  const atOnce = new Set();
  const follow = (name) => {
    if (!chunks.has(name) || atOnce.has(name)) return;
    atOnce.add(name);
    chunks.get(name).imports.forEach(follow);
  };
  for (const [name, { isEntry }] of chunks) if (isEntry) follow(name);
  const size = (name) => gzipSync(chunks.get(name).code, { level: 9 }).length;
  const sum = (names) => names.reduce((total, name) => total + size(name), 0);
  return { atOnce: sum([...atOnce]), later: sum([...chunks.keys()].filter((name) => !atOnce.has(name))) };
}

const kilo = (bytes) => `${(bytes / 1000).toFixed(1)} kB`.padStart(9);
console.log('           without    with      the first dialog adds   loaded when asked for');
for (const [name, pattern] of Object.entries(entries)) {
  const without = await bytesOf(pattern.replace('%', 'without'));
  const withIt = await bytesOf(pattern.replace('%', 'with'));
  console.log(
    `${name.padEnd(8)} ${kilo(without.atOnce)} ${kilo(withIt.atOnce)} ${kilo(withIt.atOnce - without.atOnce).padStart(18)} ${kilo(withIt.later).padStart(20)}`,
  );
}
