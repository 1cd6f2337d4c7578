// `npm test`: sets itself up, browsers included, builds, and runs the tests. Arguments go to Jest. Firefox and WebKit are left out if they
// cannot be installed; the last lines say so.
// `npm run test:quick`: the library's tests that need neither a browser nor a build.
// `npm run test:untouched`: every row of every contract, with everything that can wait for its first touch waiting for it.
// `npm run test:looks`: pictures of every pattern, compared with the kept ones; `-- --write` keeps those of this run.
// `npm run test:long`: what takes long, in every browser; a word picks one part, as in `npm run test:long leaks`.
import { spawnSync } from 'node:child_process';
import { ensureBrowsers, ensureTools } from './browsers.js';
import { build } from './build.mjs';
import { ensureChromium, findQuickChromium } from './chromium.mjs';
import { bin, root, runAsync, setUp } from './setup.mjs';

const [first, ...rest] = process.argv.slice(2);
const kind = { '--quick': 'quick', '--long': 'long', '--untouched': 'long', '--looks': 'long' }[first];
if (first === '--untouched') {
  process.env.EVERYTHING_WAITS = '1';
  rest.unshift('long/conformance');
}
if (first === '--looks') {
  if (rest[0] === '--write') {
    rest.shift();
    process.env.LOOKS_WRITE = '1';
  }
  rest.unshift('long/looks');
}
const projects = { quick: ['core', 'dom', 'dom-29'], long: ['long', 'firefox', 'webkit'] }[kind] ?? [];
// Words come first: Jest takes what follows --selectProjects for projects.
const given = kind ? rest : process.argv.slice(2);
const isNamed = given.some((arg) => arg.startsWith('--selectProjects'));
const args = [...given, ...(isNamed ? [] : projects.map((name) => `--selectProjects=${name}`))];

const missing = [];
const env = { ...process.env };
if (kind === 'quick') setUp();
else {
  const isLong = kind === 'long';
  // It goes on while the rest is set up and built.
  const browsers = runAsync(process.execPath, [
    'scripts/install-browsers.mjs',
    ...(isLong ? ['--tools'] : []),
  ]);
  setUp();
  await build();
  await browsers;
  env.CHROMIUM = isLong ? ensureChromium() : findQuickChromium();
  // The command line asks for its browser by this name.
  if (!isLong) env.ELASTIC_SHELL_BROWSER = env.CHROMIUM;
  missing.push(...ensureBrowsers(), ...(isLong ? ensureTools() : []));
  if (isLong) env.LONG = '1';
}
const { status } = spawnSync(bin('jest'), args, { cwd: root, stdio: 'inherit', env });
for (const sentence of missing) console.log(sentence);
process.exit(status ?? 1);
