// Finds Firefox and WebKit for the tests, and installs them on Debian if possible. Chromium is required. The
// tests run without the other two if they are missing, and print that (scripts/test.mjs).
import { existsSync } from 'node:fs';
import { canInstall, install } from './debian.js';

const first = (...paths) => paths.find((path) => path && existsSync(path));

/** The programs that each browser needs, besides Chromium. */
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

/** Returns the programs of a browser, or undefined if one is missing. */
export function findBrowser(name) {
  const found = parts[name]();
  return found.every(Boolean) ? found : undefined;
}

/** Debian's packages of the browsers that are missing. */
export const missingBrowserPackages = () =>
  Object.keys(parts).flatMap((name) => (findBrowser(name) ? [] : packages[name]));

/**
 * Installs Firefox and WebKit if they are missing, on Debian and with permission.
 *
 * @returns A sentence for each browser that is still missing; the tests skip it.
 */
export function ensureBrowsers() {
  const missing = () => Object.keys(parts).filter((name) => !findBrowser(name));
  const wanted = missingBrowserPackages();
  if (wanted.length && canInstall()) install('Firefox and WebKit', wanted);
  return missing().map(
    (name) =>
      `${name === 'firefox' ? 'Firefox' : 'WebKit'} is not here and was left out (on Debian: apt-get install ${packages[name].join(' ')}).`,
  );
}

/**
 * What long runs need besides the browsers: keys for find bars, the accessibility bus and a reader for it, a
 * screen reader, and screenshots of a display.
 */
const tools = {
  '/usr/bin/xdotool': 'xdotool',
  '/usr/bin/gdbus': 'libglib2.0-bin',
  '/usr/bin/dbus-daemon': 'dbus-daemon',
  '/usr/bin/import': 'imagemagick',
  '/usr/bin/openbox': 'openbox',
  '/usr/bin/orca': 'orca',
  '/usr/libexec/at-spi-bus-launcher': 'at-spi2-core',
  '/usr/lib/python3/dist-packages/gi': 'python3-gi',
  '/usr/lib/x86_64-linux-gnu/girepository-1.0/Atspi-2.0.typelib': 'gir1.2-atspi-2.0',
};

/** The packages of it that are missing. */
export const missingTools = () =>
  Object.entries(tools).flatMap(([path, name]) => (existsSync(path) ? [] : [name]));

/** Installs what is missing of it likewise. Returns a sentence if something is still missing. */
export function ensureTools() {
  const wanted = missingTools();
  if (wanted.length && canInstall()) install('what the long runs take', wanted);
  const left = missingTools();
  return left.length
    ? [
        `${left.join(', ')} are not here: what asks them was left out (on Debian: apt-get install ${left.join(' ')}).`,
      ]
    : [];
}
