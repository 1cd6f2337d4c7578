// Reads a file for the ESLint plugin, whose rules are synchronous: it runs in a worker that they wait for.
import { runAsWorker } from 'synckit';
import { adopt } from '../check/adopted.js';
import { parted } from '../check/allowed.js';
import { configFor } from '../check/config.js';
import { configured, findIn } from '../check/findings.js';
import type { Placed } from '../check/placed.js';

/** Returns the findings in a file, or why it was not read. */
export type Answer = { findings: readonly Placed[] } | { refused: string };

const config = configFor(undefined, process.cwd());

runAsWorker(async (name: string, text: string): Promise<Answer> => {
  const said = await config;
  adopt(said);
  const reply = await findIn(name, text);
  if (reply.refused !== undefined) return { refused: reply.refused };
  return { findings: parted(reply.comments, configured(reply.findings, said.rules)).findings };
});
