// What answers for a page in the page itself: the script that is put there, and its name.
import { readFileSync } from 'node:fs';
import type { Agent } from 'elastic-shell/rehearsal';

declare global {
  /** In the page: what answers for it. */
  var elasticRehearsal: Agent;
}

/** The script, as it was built. */
export const agentScript = (): string =>
  readFileSync(new URL('../../dist/rehearse/page.js', import.meta.url), 'utf8');
