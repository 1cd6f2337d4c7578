// Builds the test pages: a bare page with the whole library in reach of a test, and the bench.
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: here('.'),
  base: './',
  build: {
    outDir: here('built'),
    emptyOutDir: false,
    assetsInlineLimit: 0,
    modulePreload: false,
    target: 'es2022',
    // What browsers have for themselves is not written another way: light-dark() would follow the page's colour scheme alone.
    cssTarget: ['chrome123', 'firefox128', 'safari17.5'],
    rollupOptions: { input: [here('bare.html'), here('frame.html'), here('bench.html'), here('heard.html')] },
  },
});
