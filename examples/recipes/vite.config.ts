// How the recipes are built, in a mode for each framework: plain markup and elements as pages of their own, a
// framework's as one page that shows the recipe in its address. The pages are served under /live/.
import { existsSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import solid from 'vite-plugin-solid';
import { angularLinker } from '../gallery-angular/linker.ts';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** The page around a recipe that is markup alone. */
const around: Plugin = {
  name: 'around-a-recipe',
  transformIndexHtml: {
    order: 'pre',
    handler: (recipe) => `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width" />
    <title>Recipe</title>
    <link rel="icon" href="/mark.svg" />
    <script type="module" src="/pages/fragment.ts"></script>
  </head>
  <body>
    <main>
${recipe}
    </main>
  </body>
</html>`,
  },
};

const fragments = (file: string): string[] =>
  readdirSync(here('.'))
    .map((folder) => here(`./${folder}/${file}`))
    .filter((path) => existsSync(path));

const plugins = {
  html: () => [around],
  element: () => [around],
  react: () => [],
  vue: () => [vue()],
  svelte: () => [svelte({ configFile: false })],
  solid: () => [solid()],
  angular: () => [angularLinker],
};

export default defineConfig(({ mode }) => {
  const setting = mode as keyof typeof plugins;
  const isMarkup = setting === 'html' || setting === 'element';
  return {
    root: here('.'),
    base: './',
    // svelte-check reads this without a mode.
    plugins: (plugins[setting] ?? plugins.svelte)(),
    build: {
      outDir: here('../../packages/cli/demo/live'),
      emptyOutDir: false,
      assetsDir: `assets/${setting}`,
      assetsInlineLimit: 0,
      modulePreload: false,
      target: 'es2022',
      // Features that browsers have are not transpiled: light-dark() would follow the page's colour scheme
      // alone.
      cssTarget: ['chrome123', 'firefox128', 'safari17.5'],
      rollupOptions: {
        input: isMarkup
          ? [...fragments(`${setting}.html`), ...(setting === 'html' ? fragments('before.html') : [])]
          : [here(`./pages/${setting}.html`)],
      },
    },
  };
});
