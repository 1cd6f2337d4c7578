// The gallery of Angular: its own sources are compiled by ngc before.
import { defineConfig } from 'vite';
import { galleryConfig } from '../gallery/src/vite.ts';
import { angularLinker } from './linker.ts';

export default defineConfig(
  galleryConfig('angular', new URL('.', import.meta.url), [angularLinker], 'gallery'),
);
