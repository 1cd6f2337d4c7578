// React's own compiler for an example in React, which memoises components.
import { transformAsync } from '@babel/core';
import type { Plugin } from 'vite';

export const reactCompiler: Plugin = {
  name: 'react-compiler',
  enforce: 'pre',
  async transform(code, id) {
    if (!/\/src\/.*\.tsx$/.test(id)) return undefined;
    const compiled = await transformAsync(code, {
      filename: id,
      babelrc: false,
      configFile: false,
      parserOpts: { plugins: ['typescript', 'jsx'] },
      // Code that it can't compile is an error.
      plugins: [['babel-plugin-react-compiler', { panicThreshold: 'all_errors' }]],
    });
    return compiled?.code ? { code: compiled.code, map: null } : undefined;
  },
};
