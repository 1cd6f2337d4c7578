// What docs/guides/rehearsing.md shows.
import type { Page } from 'playwright-core';
import { rehearse } from 'elastic-shell-cli/rehearse';

/** The rows that fail on a page, each as one line. */
export async function failing(page: Page): Promise<string[]> {
  const { widgets } = await rehearse(page, { only: ['dialog', 'menu'] });
  return widgets.flatMap(({ name, rows }) =>
    rows.filter(({ outcome }) => outcome === 'failed').map(({ key, got }) => `${name}, ${key}: ${got}`),
  );
}
