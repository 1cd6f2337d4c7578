// axe-core on a page: what it finds, in short.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { Page } from 'playwright-core';

const source = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

/** Every violation as "rule: target". The page's policy must be bypassed for it to run. */
export default async function violations(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(source);
  const results = await page.evaluate(
    () => (globalThis as unknown as { axe: { run(): Promise<AxeResults> } }).axe.run() as Promise<AxeResults>,
  );
  return results.violations.flatMap(({ id, nodes }) =>
    nodes.map(({ target }) => `${id}: ${target.join(' ')}`),
  );
}
