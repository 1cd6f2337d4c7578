// The tests that `elastic-shell new --test` writes pass, as a user of Vitest would run them: some in `npm test`, all in the long run.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

it('the tests of recipes pass in jsdom', () => {
  const args = [join(__dirname, '../recipe-tests.mjs'), ...(process.env['LONG'] ? [] : ['--few'])];
  const { status, stdout, stderr } = spawnSync(process.execPath, args, {
    encoding: 'utf8',
    env: { ...process.env, NO_COLOR: '1', NODE_ENV: 'test' },
  });
  expect([status, status ? stdout + stderr : '']).toEqual([0, '']);
});
