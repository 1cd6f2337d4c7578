import { defineConfig } from 'vite';
import { reactCompiler } from '../gallery/src/react-compiler.ts';
import { galleryConfig } from '../gallery/src/vite.ts';

export default defineConfig(galleryConfig('react', new URL('.', import.meta.url), [reactCompiler], 'orders'));
