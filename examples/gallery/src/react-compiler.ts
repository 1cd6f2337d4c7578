// React's own compiler, for an example in React: it memoises what components make.
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
      // What it can't compile is an error, not left as it is.
      plugins: [['babel-plugin-react-compiler', { panicThreshold: 'all_errors' }]],
    });
    return compiled?.code ? { code: compiled.code, map: null } : undefined;
  },
};
