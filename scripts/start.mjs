// `npm start`: sets itself up, builds, serves the desk and prints its address.
import { root, setUp } from './setup.mjs';
import { build } from './build.mjs';
import { spawn } from 'node:child_process';

setUp();
build(['library', 'cli', 'desk']);
const port = process.env.PORT ?? '5173';
const child = spawn(process.execPath, [`${root}packages/cli/bin/elastic-shell.js`, 'demo', '--port', port], {
  stdio: 'inherit',
});
child.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
