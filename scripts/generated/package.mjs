// The entries of package.json: one for each pattern, one for each element.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { patternNames, root } from './facts.mjs';

const path = join(root, 'packages/elastic-shell/package.json');
const names = [...patternNames].sort();
const entry = (at) => ({
  types: `./dist/${at}.d.ts`,
  production: `./dist/production/${at}.js`,
  default: `./dist/${at}.js`,
});
const isOfPattern = ([, target]) => typeof target === 'object' && /\/patterns\//.test(target.default);

/** The exports of the package: those of the patterns stand after `./engine` and after `./elements`. */
function exportsOf(now) {
  const kept = Object.entries(now).filter((each) => !isOfPattern(each));
  const more = {
    './engine': names.map((name) => [`./${name}`, entry(`patterns/${name}/index`)]),
    './elements': names.map((name) => [`./elements/${name}`, entry(`patterns/${name}/element`)]),
  };
  return Object.fromEntries(kept.flatMap((each) => [each, ...(more[each[0]] ?? [])]));
}

const now = JSON.parse(readFileSync(path, 'utf8'));

export const packageFile = {
  path,
  text: JSON.stringify({ ...now, exports: exportsOf(now.exports) }, null, 2),
};
