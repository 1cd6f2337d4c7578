// All tests of one Jest project in one file: the mutation tool runs Jest for each mutant, and one file starts in two seconds where
// thirty need half a minute.
const { readdirSync } = require('node:fs');
const { basename, join } = require('node:path');

const { folder, first, without } = globalThis.TOGETHER;
const names = readdirSync(folder).filter((name) => name.endsWith('.test.ts') && !without.includes(name));
for (const name of new Set([...first, ...names]))
  describe(basename(name, '.test.ts'), () => {
    require(join(folder, name));
  });
