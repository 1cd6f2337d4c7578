// axe-core on a page: what it finds, in short.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { Page } from 'playwright-core';

const source = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

/** Every violation under `within` as "rule: target". The page's policy must be bypassed for it to run. */
export default async function violations(page: Page, within = 'html'): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(source);
  const results = await page.evaluate(
    (context) =>
      (
        globalThis as unknown as { axe: { run(context: string, options: object): Promise<AxeResults> } }
      ).axe.run(context, { resultTypes: ['violations'] }),
    within,
  );
  return results.violations.flatMap(({ id, nodes }) =>
    nodes.map(({ target }) => `${id}: ${target.join(' ')}`),
  );
}
