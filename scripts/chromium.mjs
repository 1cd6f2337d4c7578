// Finds the Chromium that browser tests, screenshots and the bench drive; installs Debian's where it can.
import { spawnSync } from 'node:child_process';
import { accessSync, constants, existsSync } from 'node:fs';

const usual = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

export { flags } from './chromium-flags.js';

/** The path of a Chromium, or undefined. `CHROMIUM` in the environment wins. */
export function findChromium() {
  return [process.env.CHROMIUM, ...usual].find((path) => {
    try {
      if (!path) return false;
      accessSync(path, constants.X_OK);
      return true;
    } catch {
      return false;
    }
  });
}

/** Finds a Chromium, installing Debian's when this is Debian and we may; else says what to do and exits. */
export function ensureChromium() {
  if (process.env.CHROMIUM && findChromium() !== process.env.CHROMIUM) {
    console.error(`CHROMIUM names ${process.env.CHROMIUM}, which cannot be run.`);
    process.exit(1);
  }
  if (!findChromium() && process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Chromium…');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const quiet = { stdio: ['ignore', 'ignore', 'inherit'], env };
    spawnSync('apt-get', ['update', '-qq'], quiet);
    spawnSync('apt-get', ['install', '-y', '-qq', 'chromium'], quiet);
  }
  const found = findChromium();
  if (found) return found;
  console.error(
    'No Chromium was found. Install it (on Debian: apt-get install chromium), or set CHROMIUM to the path of one.',
  );
  process.exit(1);
}
