// Debian's packages: whether they can be installed here, and how.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Returns whether this is Debian, or based on it, and packages can be installed here. */
export const canInstall = () => process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');

/** Installs packages. Returns whether that succeeded: if one does not exist, none is installed. */
export function install(what, packages) {
  console.log(`Installing ${what}…`);
  const quiet = { stdio: 'ignore', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update', '-qq'], quiet);
  // The disk need not be synchronised, because an interrupted machine is set up again.
  const isFast = ['-o', 'Dpkg::Options::=--force-unsafe-io'];
  return spawnSync('apt-get', ['install', '-y', '-qq', ...isFast, ...packages], quiet).status === 0;
}
