// Finds Firefox and WebKit for the tests, and installs Debian's where it can. Chromium is needed; these two may be missing: the
// tests then go on without them and say so (scripts/test.mjs).
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const first = (...paths) => paths.find((path) => path && existsSync(path));

/** What each browser takes beside Chromium, in the order of its parts. */
const parts = {
  firefox: () => [first(process.env.FIREFOX, '/usr/bin/firefox-esr', '/usr/bin/firefox')],
  webkit: () => [
    first('/usr/bin/WebKitWebDriver'),
    first('/usr/bin/Xvfb'),
    first(
      process.env.MINIBROWSER,
      '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.1/MiniBrowser',
      '/usr/lib/aarch64-linux-gnu/webkit2gtk-4.1/MiniBrowser',
    ),
  ],
};
const packages = { firefox: ['firefox-esr'], webkit: ['webkit2gtk-driver', 'xvfb'] };

/** The programs of a browser, or undefined where one is missing. */
export function findBrowser(name) {
  const found = parts[name]();
  return found.every(Boolean) ? found : undefined;
}

/**
 * Installs what is missing of Firefox and WebKit, where this is Debian and we may.
 *
 * @returns A sentence for each that is missing still; the tests leave that browser out.
 */
export function ensureBrowsers() {
  const missing = () => Object.keys(parts).filter((name) => !findBrowser(name));
  const wanted = missing().flatMap((name) => packages[name]);
  if (wanted.length && process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Firefox and WebKit…');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const quiet = { stdio: 'ignore', env };
    spawnSync('apt-get', ['update', '-qq'], quiet);
    spawnSync('apt-get', ['install', '-y', '-qq', ...wanted], quiet);
  }
  return missing().map(
    (name) =>
      `${name === 'firefox' ? 'Firefox' : 'WebKit'} is not here and was left out (on Debian: apt-get install ${packages[name].join(' ')}).`,
  );
}
