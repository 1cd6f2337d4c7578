// What a real screen reader says: Orca, in Firefox, Chromium and WebKitGTK, with real keys. `npm run test:long heard`.
//
// Transcripts are kept in docs/conformance, of which `npm run docs` makes the section "Screen-reader output" of each pattern.
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findBrowser } from '../../../../scripts/browsers.js';
import { missingForSpeech } from '../../../cli/src/speech/programs';
import { type Heard, hear } from './support/heard-run';
import type { Browser } from './support/listener';
import { walks } from './support/heard-walks';

const only = process.env['HEARD_ONLY'] ?? '';
/** Words that pick walks and browsers: `HEARD_ONLY=dialog HEARD_IN=firefox npm run test:long heard`. */
const wanted = process.env['HEARD_IN']?.split(',') ?? ['firefox', 'chromium', 'webkit'];
const browsers = (['firefox', 'chromium', 'webkit'] as const).filter(
  (name) => wanted.includes(name) && (name === 'chromium' || findBrowser(name)),
);
const missing = missingForSpeech();
const cli = join(__dirname, '../../../cli/bin/elastic-shell.js');
const folder = join(__dirname, '../../../../docs/conformance');

/** Firefox and Chromium side by side, and WebKit after them: more at a time is slower. */
const results = new Map<Browser, Promise<Heard>>();

function resultsOf(name: Browser): Promise<Heard> {
  const addresses = [process.env['DESK_URL']!, process.env['PAGES_URL']!] as const;
  const begin = async (): Promise<Heard> => {
    if (name === 'webkit') await Promise.allSettled(results.values());
    const heard = await hear(name, addresses, only);
    if (!only) {
      mkdirSync(folder, { recursive: true });
      writeFileSync(join(folder, `heard-${name}.json`), `${JSON.stringify(heard, null, 1)}\n`);
    }
    return heard;
  };
  const started = results.get(name) ?? begin();
  results.set(name, started);
  return started;
}

if (missing.length) it.skip(`needs Debian's packages: apt-get install ${missing.join(' ')}`, () => undefined);
else
  describe.each(browsers)('%s', (name) => {
    beforeAll(() => {
      for (const each of browsers.filter((other) => other !== 'webkit')) void resultsOf(each).catch(() => {});
      return resultsOf(name);
    });

    it.each(walks.filter((walk) => walk.name.includes(only)).map((walk) => walk.name))('%s', async (walk) => {
      expect((await resultsOf(name)).walks[walk]?.faults).toEqual([]);
    });
  });

if (!missing.length && wanted.includes('chromium'))
  it('rehearse --speech: a transcript of what is said, which can be compared with the next one', () => {
    const save = join(mkdtempSync(join(tmpdir(), 'heard-')), 'speech.txt');
    const rehearse = (...more: string[]) =>
      spawnSync(
        process.execPath,
        [cli, 'rehearse', `${process.env['DESK_URL']}live/switch/html.html`, '--speech', ...more],
        { encoding: 'utf8', env: { ...process.env, NO_COLOR: '1' } },
      );
    const { stdout, stderr, status } = rehearse('--save', save);
    expect([status, stderr]).toEqual([0, '']);
    expect(stdout).toMatch(/Tab +.*Yard lights switch off/);
    writeFileSync(save, readFileSync(save, 'utf8').replaceAll('Yard lights', 'Quay lights'));
    const other = rehearse('--compare', save);
    expect(other.status).toBe(1);
    expect(other.stderr).toMatch(/^\+ .*Yard lights switch off/m);
  });
