// Debian's packages: whether they can be installed here, and how.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Whether this is Debian, or made of it, and its packages can be installed by us. */
export const canInstall = () => process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');

/** Installs packages, and returns whether that has succeeded: with one that there is not, none is installed. */
export function install(what, packages) {
  console.log(`Installing ${what}…`);
  const quiet = { stdio: 'ignore', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update', '-qq'], quiet);
  // Whether the disk has written each file is of no matter: a machine that stops meanwhile is set up anew.
  const isFast = ['-o', 'Dpkg::Options::=--force-unsafe-io'];
  return spawnSync('apt-get', ['install', '-y', '-qq', ...isFast, ...packages], quiet).status === 0;
}
