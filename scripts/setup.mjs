// Installs the packages of the lock file, once: later calls find the stamp and return at once.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Runs a command in the checkout. If it fails, ends this process with its exit code. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(`${command} could not be started: ${error.message}`);
  if (status !== 0) process.exit(status ?? 1);
}

/** The same in parallel with other work: resolves when the command has succeeded. */
export function runAsync(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', ...options });
    child.once('error', ({ message }) => {
      console.error(`${command} could not be started: ${message}`);
      process.exit(1);
    });
    child.once('close', (code) => {
      if (code !== 0) process.exit(code ?? 1);
      resolve();
    });
  });
}

/** Runs a command in the checkout. Resolves to its output, for any exit code. */
export function outputOf(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, ...options });
    let text = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (text += data));
    child.once('error', reject);
    child.once('close', () => resolve(text));
  });
}

export const bin = (name) => `${root}node_modules/.bin/${name}`;

export function setUp() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 20)) {
    console.error(`Elastic Shell needs Node 20.20 or newer; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const stamp = `${root}node_modules/.elastic-shell-stamp`;
  const wanted = createHash('sha256')
    .update(readFileSync(`${root}package-lock.json`))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Installing what the project needs…');
  // Not `npm ci`, which refuses a lock file without binaries for other machines, as some registries omit
  // them. This command follows the lock file too, and does not write it.
  run('npm', ['install', '--no-save', '--no-fund', '--no-audit', '--loglevel=error']);
  writeFileSync(stamp, wanted);
}
