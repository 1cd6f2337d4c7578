// Every widget of every setting's gallery, rehearsed: all checks pass. `npm run test:long rehearse`.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { failing, faults, page, rehearse } from '../../../cli/test/faults';
import { desk } from '../browser/support/browser';

const cli = join(__dirname, '../../../cli/bin/elastic-shell.js');
const galleries = [
  'gallery',
  'gallery/react',
  'gallery/vue',
  'gallery/svelte',
  'gallery/solid',
  'gallery/elements',
  'gallery/angular',
];

// Their owners refuse: what a row expects does not happen, as the galleries show.
const refusing = join(__dirname, 'support/refusing-owners.json');

interface Rehearsal {
  widgets: { kind: string; name: string; checks: { key: string; outcome: string; got?: string }[] }[];
}

it.each(galleries)('%s: every row holds or may be left out', (gallery) => {
  const { stdout, stderr } = spawnSync(
    process.execPath,
    [cli, 'rehearse', desk(`${gallery}.html`), '--format', 'json', '--skip', refusing],
    { encoding: 'utf8', maxBuffer: 100_000_000 },
  );
  expect(stderr).toBe('');
  const { widgets } = JSON.parse(stdout) as Rehearsal;
  const failed = widgets.flatMap(({ kind, name, checks }) =>
    checks.flatMap(({ key, outcome, got }) =>
      outcome === 'failed' ? [`${kind} "${name}", ${key}: ${got}`] : [],
    ),
  );
  expect(failed).toEqual([]);
  expect(widgets.length).toBeGreaterThan(20);
});

it.each(faults)('%s: finds each fault of what is made by hand, and nothing else', async (pattern, rows) => {
  expect(failing(await rehearse(`${page('faults.html')}?only=${pattern}`))).toEqual(rows);
});
