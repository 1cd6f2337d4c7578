import { defineConfig } from 'vite';
import solid from 'vite-plugin-solid';
import { galleryConfig } from '../gallery/src/vite.ts';

export default defineConfig(galleryConfig('solid', new URL('.', import.meta.url), [solid({ ssr: true })]));
