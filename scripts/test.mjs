// `npm test`: sets itself up, Chromium included, builds, and runs every test. Arguments go to Jest.
import { spawnSync } from 'node:child_process';
import { build } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { bin, root, setUp } from './setup.mjs';

setUp();
const chromium = ensureChromium();
build();
const { status } = spawnSync(bin('jest'), process.argv.slice(2), {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, CHROMIUM: chromium },
});
process.exit(status ?? 1);
