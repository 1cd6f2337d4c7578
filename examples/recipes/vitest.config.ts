// The tests that `elastic-shell new --test` writes, as a user of Vitest would run them: a project for each
// framework, with its own plugin.
import { fileURLToPath } from 'node:url';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import vue from '@vitejs/plugin-vue';
import solid from 'vite-plugin-solid';
import { defineConfig } from 'vitest/config';

const plugins = {
  html: [],
  element: [],
  react: [],
  vue: [vue()],
  svelte: [svelte({ configFile: false })],
  solid: [solid()],
};

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  test: {
    projects: Object.entries(plugins).map(([name, own]) => ({
      plugins: own,
      resolve: { conditions: ['browser'] },
      test: {
        name,
        include: [`built/tests/${name}/**/*.test.{js,ts,tsx}`, `snippets/start/${name}/*.test.{js,ts,tsx}`],
        setupFiles: [fileURLToPath(new URL('console.ts', import.meta.url))],
        // The contract of a pattern takes seconds on a busy machine.
        testTimeout: 600_000,
        server: { deps: { inline: ['elastic-shell'] } },
      },
    })),
  },
});
