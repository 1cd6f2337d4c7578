// The pages of the bench, each with its framework, built for production.
import { fileURLToPath } from 'node:url';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vite';
import solid from 'vite-plugin-solid';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: here('.'),
  base: './',
  plugins: [svelte({ configFile: false }), solid({ include: /solid\.tsx$/ })],
  build: {
    outDir: here('built'),
    emptyOutDir: true,
    modulePreload: false,
    rollupOptions: { input: ['react', 'vue', 'svelte', 'solid'].map((name) => here(`${name}.html`)) },
  },
});
