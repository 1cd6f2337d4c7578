// The order of test files: what took longest in the last run comes first, so that no worker is left alone with it at the end. On a machine
// that has run nothing yet the names below stand in for that: take them from the list of the slowest.
import { createRequire } from 'node:module';

const { default: Sequencer } = createRequire(import.meta.url)('@jest/test-sequencer');

const slow = [
  'monkey',
  'inspector',
  'recipe-tests',
  'combobox',
  'check',
  'rehearse',
  'conformance',
  'site',
  'recipes',
  'laws',
];

const rank = ({ path, duration, context }) => {
  if (duration) return duration;
  const at = slow.findIndex((name) => path.endsWith(`/${name}.test.ts`));
  const inBrowser = !['core', 'dom', 'dom-29'].includes(context.config.displayName?.name);
  return (at < 0 ? 0 : slow.length - at) + (inBrowser ? 0.5 : 0);
};

export default class LongestFirst extends Sequencer {
  sort(tests) {
    const usual = super.sort(tests);
    const ranks = new Map(usual.map((test) => [test, rank(test)]));
    return usual.sort((one, other) => ranks.get(other) - ranks.get(one));
  }
}
