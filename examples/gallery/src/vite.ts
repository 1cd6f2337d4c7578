// Builds a gallery into the demo, beside the desk, with a folder of its own for the scripts of each
// framework. The page for server rendering is built together with it, and its renderer with `vite build
// --ssr`.
import { fileURLToPath } from 'node:url';
import type { PluginOption, UserConfig } from 'vite';
import { links } from './data.ts';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const demo = here('../../../packages/cli/demo');

/** The links from each framework's gallery to the others. */
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
      <nav aria-label="More in this setting">
        ${['elements', 'angular'].includes(setting) ? '' : `<a href="../server/${setting}.html">From a server</a>`}
        ${['react', 'vue', 'svelte'].includes(setting) ? `<a href="../orders/${setting}.html">Orders</a>` : ''}
        <a href="../desk.html">Desk</a>
      </nav>
    </header>`;

/**
 * Returns the configuration for the pages of `name` in `folder`: its gallery, with or without a
 * server-rendered page, or its orders.
 */
export function galleryConfig(
  name: string,
  folder: URL,
  plugins: PluginOption[] = [],
  kind: 'gallery' | 'served gallery' | 'orders' = 'served gallery',
): UserConfig {
  const place = kind === 'orders' ? 'orders' : 'gallery';
  const pages = [`${place}/${name}.html`, ...(kind === 'served gallery' ? [`server/${name}.html`] : [])];
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
      assetsDir: `${place}/${name}`,
      assetsInlineLimit: 0,
      modulePreload: false,
      target: 'es2022',
      // Features that all supported browsers have are not transpiled: a transpiled light-dark() would only
      // follow the colour scheme of the page.
      cssTarget: ['chrome123', 'firefox128', 'safari17.5'],
      rollupOptions: { input: pages.map((page) => fileURLToPath(new URL(page, folder))) },
    },
    // The output of `vite build --ssr` needs no installed packages.
    ssr: { noExternal: true },
  };
}
