// `npm start`: sets itself up, builds, serves the site and the desk, and prints its address. The galleries of other settings are built while
// it is served already.
import { root, setUp } from './setup.mjs';
import { build, galleries } from './build.mjs';
import { spawn } from 'node:child_process';

setUp();
await build(['library', 'cli', 'desk', 'site']);
const port = process.env.PORT ?? '5173';
const child = spawn(process.execPath, [`${root}packages/cli/bin/elastic-shell.js`, 'demo', '--port', port], {
  stdio: 'inherit',
  env: { ...process.env, ELASTIC_SHELL_BUILDS: '1' },
});
const builder = spawn(process.execPath, [`${root}scripts/build.mjs`, ...galleries], { stdio: 'inherit' });
child.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    builder.kill(signal);
    child.kill(signal);
  });
