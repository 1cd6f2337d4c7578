// The laws of a life, each for each pattern that it concerns, as a wire function and as an element.
import { laws } from '../laws.js';
import { openBare, useBrowser } from './support/browser';

const { open } = useBrowser();

describe.each(laws.map((law) => [law.name, law] as const))('%s', (name, { patterns }) => {
  it.each(patterns.flatMap((pattern) => [[pattern, 'function'] as const, [pattern, 'element'] as const]))(
    '%s as %s',
    async (pattern, how) => {
      const { page } = await openBare(
        open,
        '',
        name.includes('moves') ? { reducedMotion: 'no-preference' } : {},
      );
      const faults = await page.evaluate(
        ([law, kind, way]) => shell.laws[law!]!(kind as never, way as never),
        [name, pattern, how],
      );
      expect(faults).toEqual([]);
    },
  );
});
