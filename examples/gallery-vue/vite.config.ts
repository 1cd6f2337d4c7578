import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { galleryConfig } from '../gallery/src/vite.ts';

export default defineConfig(
  galleryConfig('vue', new URL('.', import.meta.url), [
    vue({ template: { compilerOptions: { isCustomElement: (tag) => tag.startsWith('shell-') } } }),
  ]),
);
