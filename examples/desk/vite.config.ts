// Builds the desk and the gallery into the command line's demo. The orders are rendered into the page
// while building, so that it shows them before any script runs.
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import type { Berth, Boat, Order, Plate, Step } from 'quillhaven-data/types';
import { links, sections, settings, topbar } from './src/frame.ts';
import { berthPlan } from './src/plan.ts';
import { haulSteps, plateSlides, platePicks } from './src/record.ts';
import { boatOptions, orderRows } from './src/rows.ts';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const data = <T>(name: string): T => JSON.parse(readFileSync(here(`../data/${name}.json`), 'utf8')) as T;

export default defineConfig({
  root: here('.'),
  base: './',
  build: {
    outDir: here('../../packages/cli/demo'),
    emptyOutDir: false,
    assetsInlineLimit: 0,
    modulePreload: false,
    target: 'es2022',
    // Features that browsers have are not transpiled: light-dark() would follow the page's colour scheme
    // alone.
    cssTarget: ['chrome123', 'firefox128', 'safari17.5'],
    rollupOptions: {
      input: [
        here('desk.html'),
        here('boat.html'),
        here('parts.html'),
        here('gallery.html'),
        here('own.html'),
      ],
    },
  },
  plugins: [
    {
      name: 'rows-in-the-page',
      transformIndexHtml: (html, { filename }) =>
        html
          .replace('<!-- topbar -->', topbar(basename(filename)))
          .replace('<!-- sections -->', sections(basename(filename)))
          .replace('<!-- links -->', links(basename(filename)))
          .replace('<!-- settings -->', settings())
          .replace('<!-- orders -->', orderRows(data<Order[]>('orders'), data<Boat[]>('boats')))
          .replace('<!-- plan -->', berthPlan(data<Berth[]>('berths'), data<Boat[]>('boats')))
          .replace('<!-- steps -->', haulSteps(data<Step[]>('steps')))
          .replace('<!-- picks -->', platePicks(data<Plate[]>('plates')))
          .replace('<!-- plates -->', plateSlides(data<Plate[]>('plates')))
          .replaceAll('<!-- boats -->', boatOptions(data<Boat[]>('boats'))),
    },
  ],
});
