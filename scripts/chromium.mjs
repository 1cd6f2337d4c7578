// Finds the Chromium for browser tests, screenshots and the bench, or installs it on Debian.
import { accessSync, constants, existsSync } from 'node:fs';
import { canInstall, install } from './debian.js';

const usual = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

export { flags } from './chromium-flags.js';

/** Returns the path of a Chromium, or undefined. `CHROMIUM` in the environment takes precedence. */
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

/**
 * Debian's package of headless Chromium: the same engine with 0.6 of the processor time (`npm test` uses it).
 */
export const headlessShell = { name: 'chromium-headless-shell', path: '/usr/bin/chromium-headless-shell' };

/** Returns the headless Chromium if it is installed and no other is named, or the usual one. */
export const findQuickChromium = () =>
  !process.env.CHROMIUM && existsSync(headlessShell.path) ? headlessShell.path : ensureChromium();

/** Finds a Chromium, or installs it on Debian with permission, or prints what to do and exits. */
export function ensureChromium() {
  if (process.env.CHROMIUM && findChromium() !== process.env.CHROMIUM) {
    console.error(`CHROMIUM names ${process.env.CHROMIUM}, which cannot be run.`);
    process.exit(1);
  }
  if (!findChromium() && canInstall()) install('Chromium', ['chromium']);
  const found = findChromium();
  if (found) return found;
  console.error(
    'No Chromium was found. Install it (on Debian: apt-get install chromium), or set CHROMIUM to the path of one.',
  );
  process.exit(1);
}
