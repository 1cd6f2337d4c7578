// Links partially compiled packages when the application is built, as Angular's own builder does.
import { transformAsync } from '@babel/core';
import linkerPlugin from '@angular/compiler-cli/linker/babel';
import type { Plugin } from 'vite';

/** Links the parts of published packages that Angular's compiler has left open. */
export const angularLinker: Plugin = {
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
