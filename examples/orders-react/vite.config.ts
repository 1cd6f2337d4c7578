import { defineConfig } from 'vite';
import { galleryConfig } from '../gallery/src/vite.ts';

export default defineConfig(galleryConfig('react', new URL('.', import.meta.url), [], 'orders'));
