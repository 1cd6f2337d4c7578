// How a gallery is built: into the demo, beside the desk, each setting with a folder of its own for its scripts.
import { fileURLToPath } from 'node:url';
import type { PluginOption, UserConfig } from 'vite';
import { links } from './data.ts';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** The bar that leads from one setting to the next. */
export const bar = (setting: string): string => `
    <header class="topbar">
      <p class="brand">Quillhaven <span>${setting}</span></p>
      <nav aria-label="Settings" class="settings">
        ${links
          .map(
            ([file, name]) =>
              `<a href="${file}"${name === setting ? ' aria-current="page"' : ''}>${name}</a>`,
          )
          .join('')}
      </nav>
      <a href="../index.html">Desk</a>
    </header>`;

/** The page of a setting around what is rendered into it. */
export const page = (setting: string, script: string, app = ''): string => `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>${setting} gallery · Elastic Shell</title>
    <meta name="description" content="Plain instances of every pattern of Elastic Shell in ${setting}." />
    <!-- head -->
    ${script}
  </head>
  <body>
    ${bar(setting)}
    <main class="gallery">
      <h1>Gallery: ${setting}</h1>
      <div id="app">${app}</div>
    </main>
  </body>
</html>
`;

/** The configuration of the gallery of `name`, whose folder is `folder`. */
export function galleryConfig(name: string, folder: URL, plugins: PluginOption[] = []): UserConfig {
  return {
    root: fileURLToPath(folder),
    base: './',
    plugins: [
      ...plugins,
      {
        name: 'bar',
        transformIndexHtml: (html) =>
          html.replace('<!-- bar -->', bar(name[0]!.toUpperCase() + name.slice(1))),
      },
    ],
    build: {
      outDir: here('../../../packages/cli/demo/gallery'),
      emptyOutDir: false,
      assetsDir: name,
      assetsInlineLimit: 0,
      modulePreload: false,
      target: 'es2022',
      rollupOptions: { input: fileURLToPath(new URL(`${name}.html`, folder)) },
    },
  };
}
