// What docs/guides/rehearse.md shows.
import type { Page } from 'playwright-core';
import { rehearse } from 'elastic-shell-cli/rehearse';

/** The checks that fail on a page, each as one line. */
export async function failing(page: Page): Promise<string[]> {
  const { widgets } = await rehearse(page, { only: ['dialog', 'menu'] });
  return widgets.flatMap(({ name, checks }) =>
    checks.filter(({ outcome }) => outcome === 'failed').map(({ key, got }) => `${name}, ${key}: ${got}`),
  );
}
