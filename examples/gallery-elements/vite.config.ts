// The gallery of elements: its sections are written into the page while it is built, as a server would.
import { defineConfig } from 'vite';
import { galleryConfig } from '../gallery/src/vite.ts';
import { sections } from './src/sections.ts';

export default defineConfig(
  galleryConfig(
    'elements',
    new URL('.', import.meta.url),
    [{ name: 'sections', transformIndexHtml: (html) => html.replace('<!-- sections -->', sections()) }],
    'gallery',
  ),
);
