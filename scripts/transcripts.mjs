// `npm run transcripts`: records what a keyboard user gets on three pages of the desk, as `rehearse` writes
// it. The documents show these.
import { spawnSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { root, setUp } from './setup.mjs';

setUp();
await build();
const { serve } = await import('../packages/elastic-shell/test/browser/support/server.js');
const { deskServer, pagesServer, desk } = await serve();

const folder = join(root, 'docs/transcripts');
mkdirSync(folder, { recursive: true });

/** Runs `rehearse`. Returns its output as JSON or text. */
const rehearse = (path, ...args) => {
  const { stdout, stderr, status } = spawnSync(
    process.execPath,
    [join(root, 'packages/cli/bin/elastic-shell.js'), 'rehearse', desk + path, ...args],
    { encoding: 'utf8', env: { ...process.env, NO_COLOR: '1' } },
  );
  if (status === 2) throw new Error(stderr);
  return stdout;
};

for (const [name, path, patterns] of [
  ['orders', 'desk.html', 'switch,tooltip,dialog,popover,menu'],
  ['boat', 'boat.html', 'tabs,carousel,combobox,listbox,dialog,popover'],
  ['parts', 'parts.html', 'tree,combobox,disclosure'],
]) {
  const text = rehearse(path, '--only', patterns, '--max', '3');
  writeFileSync(join(folder, `${name}.txt`), text);
  console.log(`${name}: ${text.trim().split('\n').at(-1)}`);
}

deskServer.close();
pagesServer.close();
