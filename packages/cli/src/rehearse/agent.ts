// The script that `rehearse` puts into a page, and its name.
import { readFileSync } from 'node:fs';
import type { Agent } from 'elastic-shell/rehearsal';

declare global {
  /** The script in the page. */
  var elasticRehearsal: Agent;
}

/** The text of the script, as it was built. */
export const agentScript = (): string =>
  readFileSync(new URL('../../dist/rehearse/page.js', import.meta.url), 'utf8');
