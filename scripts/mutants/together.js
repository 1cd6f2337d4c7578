// All tests of one Jest project in one file: the mutation tool runs Jest for each mutant, and one file starts in two seconds where
// thirty need half a minute.
/* global describe, jest */
import { readdirSync } from 'node:fs';
import { basename, join } from 'node:path';

const { folder, first, without } = globalThis.TOGETHER;
const names = readdirSync(folder).filter((name) => name.endsWith('.test.ts') && !without.includes(name));
for (const name of new Set([...first, ...names]))
  describe(basename(name, '.test.ts'), () => {
    jest.requireActual(join(folder, name));
  });
