// Checks files: reads each, runs the rules, and parts what is found from what is allowed, let pass or turned off.
import { writeFileSync } from 'node:fs';
import { type Allowed, parted } from './allowed.js';
import { type Counts, passing, readBaseline } from './baseline.js';
import type { Config } from './config.js';
import type { Source } from './files.js';
import { mended } from './fix.js';
import { read } from './readers.js';
import { Refused } from './refused.js';
import { checkPages, type Placed } from './placed.js';

/** What was found in one file. */
export interface Result {
  name: string;
  findings: readonly Placed[];
  /** What is found and allowed by a comment. */
  allowed: readonly Allowed[];
  /** What is found and let pass by the baseline. */
  passed: readonly Placed[];
}

/** How files are checked. */
export interface CheckOptions {
  config: Pick<Config, 'rules'>;
  /** The path of a baseline. Default: none. */
  baseline?: string | undefined;
  /** Leaves warnings out. Default: false. */
  quiet?: boolean | undefined;
  /** Mends what can be mended, in the files. Default: false. */
  fix?: boolean | undefined;
}

/** What is found in a text, by the rules as they are configured. Throws `Refused` where it cannot be read. */
async function findingsIn(name: string, text: string, { config }: CheckOptions): Promise<Placed[]> {
  return checkPages(text, await read(name, text)).flatMap((finding): Placed[] => {
    const severity = config.rules.get(finding.code) ?? finding.severity;
    return severity === 'off' ? [] : [{ ...finding, severity }];
  });
}

/** Checks one text. */
async function checkSource(
  source: Source,
  options: CheckOptions,
  old: Counts | undefined,
): Promise<Result & { mendedCount: number }> {
  const { name } = source;
  let { text } = source;
  let found = await findingsIn(name, text, options);
  let mendedCount = 0;
  if (options.fix && source.isFile) {
    const { findings } = parted(text, found);
    const edits = findings.flatMap(({ fix }) => fix ?? []);
    if (edits.length) {
      text = mended(text, edits);
      writeFileSync(name, text);
      mendedCount = edits.length;
      found = await findingsIn(name, text, options);
    }
  }
  const { findings, allowed } = parted(text, found);
  const loud = options.quiet ? findings.filter(({ severity }) => severity === 'error') : findings;
  const { baseline } = options;
  if (baseline === undefined || !old) return { name, findings: loud, allowed, passed: [], mendedCount };
  const rest = passing(old, baseline, name, loud);
  return { name, findings: rest.findings, allowed, passed: rest.passed, mendedCount };
}

/** Checks texts, one after the other; what cannot be read is a problem, and keeps nothing else from being checked. */
export async function checkAll(
  sources: readonly Source[],
  options: CheckOptions,
): Promise<{ results: Result[]; problems: string[]; mendedCount: number }> {
  const results: Result[] = [];
  const problems: string[] = [];
  let mendedCount = 0;
  const old = options.baseline === undefined ? undefined : readBaseline(options.baseline);
  for (const source of sources)
    try {
      const result = await checkSource(source, options, old);
      mendedCount += result.mendedCount;
      results.push(result);
    } catch (error) {
      // A template is read by calls within calls: one nested ten thousand deep has too many.
      const isDeep = error instanceof RangeError;
      if (!(error instanceof Refused) && !isDeep) throw error;
      problems.push(
        `${source.name}: ${isDeep ? 'its elements stand in each other too deep; it was passed over' : error.message}.`,
      );
    }
  return { results, problems, mendedCount };
}
