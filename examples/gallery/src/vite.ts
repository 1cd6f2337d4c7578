// How a gallery is built: into the demo, beside the desk, each setting with a folder of its own for its scripts. The page that a
// server fills is built with it; what fills it, by `vite build --ssr`.
import { fileURLToPath } from 'node:url';
import type { PluginOption, UserConfig } from 'vite';
import { links } from './data.ts';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const demo = here('../../../packages/cli/demo');

/** The bar that leads from one setting to the next. */
const bar = (setting: string): string => `
    <header class="topbar">
      <p class="brand">Quillhaven <span>gallery</span></p>
      <nav aria-label="Settings">
        ${links
          .map(
            ([file, name]) =>
              `<a href="${file}"${name.toLowerCase() === setting ? ' aria-current="page"' : ''}>${name}</a>`,
          )
          .join('')}
      </nav>
      <a href="../index.html">Desk</a>
    </header>`;

/** The configuration of the gallery of `name`, whose folder is `folder`, with the pages that stand in it. */
export function galleryConfig(
  name: string,
  folder: URL,
  plugins: PluginOption[] = [],
  pages = [`gallery/${name}.html`, `server/${name}.html`],
): UserConfig {
  return {
    root: fileURLToPath(folder),
    base: './',
    plugins: [
      ...plugins,
      { name: 'bar', transformIndexHtml: (html) => html.replace('<!-- bar -->', bar(name)) },
    ],
    build: {
      outDir: demo,
      emptyOutDir: false,
      assetsDir: `gallery/${name}`,
      assetsInlineLimit: 0,
      modulePreload: false,
      target: 'es2022',
      rollupOptions: { input: pages.map((page) => fileURLToPath(new URL(page, folder))) },
    },
    // What `vite build --ssr` makes stands alone: nothing has to be installed where it runs.
    ssr: { noExternal: true },
  };
}
