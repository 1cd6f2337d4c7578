// What a real screen reader says: Orca, in Firefox, Chromium and WebKitGTK, with real keys. `npm run test:long heard`.
//
// Transcripts are kept in docs/conformance, of which `npm run docs` makes the section "Screen-reader output" of each pattern.
import { mkdirSync, writeFileSync } from 'node:fs';
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
