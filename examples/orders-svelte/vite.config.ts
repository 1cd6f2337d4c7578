import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vite';
import { galleryConfig } from '../gallery/src/vite.ts';

export default defineConfig(
  galleryConfig('svelte', new URL('.', import.meta.url), [svelte({ configFile: false })], 'orders'),
);
