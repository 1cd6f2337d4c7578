// `npm test`: sets itself up, Chromium included, builds, and runs every test. Arguments go to Jest.
// `npm run test:long`: the same for what takes as long as it takes; a word picks one part, as `npm run test:long leaks`.
import { spawnSync } from 'node:child_process';
import { build } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { bin, root, setUp } from './setup.mjs';

setUp();
const chromium = ensureChromium();
build();
const [first, ...rest] = process.argv.slice(2);
const isLong = first === '--long';
const args = isLong ? ['--selectProjects=long', ...rest] : process.argv.slice(2);
const { status } = spawnSync(bin('jest'), args, {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, CHROMIUM: chromium, ...(isLong && { LONG: '1' }) },
});
process.exit(status ?? 1);
