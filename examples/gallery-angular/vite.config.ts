// The gallery of Angular: its own sources are compiled by ngc before; packages that are compiled in part are linked here, as
// Angular's own builder does.
import { transformAsync } from '@babel/core';
import linkerPlugin from '@angular/compiler-cli/linker/babel';
import { defineConfig, type Plugin } from 'vite';
import { galleryConfig } from '../gallery/src/vite.ts';

const linker: Plugin = {
  name: 'angular-linker',
  async transform(code, id) {
    if (!code.includes('ɵɵngDeclare')) return null;
    const linked = await transformAsync(code, {
      filename: id.replace(/\?.*/, ''),
      plugins: [[linkerPlugin, { linkerJitMode: false, sourceMapping: false }]],
      configFile: false,
      babelrc: false,
      compact: false,
    });
    return linked?.code ? { code: linked.code, map: null } : null;
  },
};

export default defineConfig(galleryConfig('angular', new URL('.', import.meta.url), [linker], 'gallery'));
