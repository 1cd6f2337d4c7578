// `npm run monkey`: both monkeys over several seeds, 100,000 inputs in all. Arguments are seeds.
import { spawnSync } from 'node:child_process';
import { build } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { bin, root, setUp } from './setup.mjs';

setUp();
const CHROMIUM = ensureChromium();
await build();
const given = process.argv.slice(2);
const seeds = given.length ? given : ['20261', '20262', '20263', '99', '7'];
/** Inputs a seed: on the gallery, and on the page whose owner moves everything. */
const MONKEY_INPUTS = '8000';
const LIVES_INPUTS = '12000';

let failed = 0;
for (const MONKEY_SEED of seeds) {
  console.log(
    `Seed ${MONKEY_SEED}: ${MONKEY_INPUTS} inputs on the gallery, ${LIVES_INPUTS} while everything is moved.`,
  );
  const { status } = spawnSync(
    bin('jest'),
    ['--selectProjects=browser', '--testPathPatterns=monkey', '--maxWorkers=1'],
    {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, CHROMIUM, MONKEY_SEED, MONKEY_INPUTS, LIVES_INPUTS },
    },
  );
  if (status) failed++;
}
console.log(`${seeds.length - failed} of ${seeds.length} seeds stood.`);
process.exit(failed ? 1 : 0);
