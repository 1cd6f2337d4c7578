// `npm test`: sets itself up, Chromium included, builds, and runs every test. Arguments go to Jest.
// Firefox and WebKit are installed where that can be done, and left out where not: the last lines say so.
// `npm run test:long`: the same for what takes as long as it takes, in every browser; a word picks one part, as
// `npm run test:long leaks`.
import { spawnSync } from 'node:child_process';
import { ensureBrowsers, ensureTools } from './browsers.js';
import { build } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { bin, root, setUp } from './setup.mjs';

setUp();
const chromium = ensureChromium();
const [first, ...rest] = process.argv.slice(2);
const isLong = first === '--long';
const missing = [...ensureBrowsers(), ...(isLong ? ensureTools() : [])];
build();
const projects = ['long', 'firefox', 'webkit'].map((name) => `--selectProjects=${name}`);
const args = isLong ? [...projects, ...rest] : process.argv.slice(2);
const { status } = spawnSync(bin('jest'), args, {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, CHROMIUM: chromium, ...(isLong && { LONG: '1' }) },
});
for (const sentence of missing) console.log(sentence);
process.exit(status ?? 1);
