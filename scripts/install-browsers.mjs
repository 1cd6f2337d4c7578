// Installs everything that tests take of Debian's packages, at once: `test.mjs` runs it beside the builds, which need none of it.
// `--tools` also installs what long runs take. What is missing afterwards, `test.mjs` says.
import { missingBrowserPackages, missingTools } from './browsers.js';
import { existsSync } from 'node:fs';
import { findChromium, headlessShell } from './chromium.mjs';
import { canInstall, install } from './debian.js';

const wanted = [
  ...(findChromium() ? [] : ['chromium']),
  ...missingBrowserPackages(),
  ...(process.argv.includes('--tools') ? missingTools() : []),
];
// Not every Debian has it, and the tests do without.
const isAsked = !process.env.CHROMIUM && !existsSync(headlessShell.path);
const all = isAsked ? [...wanted, headlessShell.name] : wanted;
if (all.length && canInstall() && !install(all.join(', '), all) && isAsked && wanted.length)
  install(wanted.join(', '), wanted);
