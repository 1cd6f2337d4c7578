// Checks files. Workers read each file and run the rules; this module separates findings that are allowed,
// accepted or turned off.
import { writeFileSync } from 'node:fs';
import { type Allowed, parted } from './allowed.js';
import { type Counts, passing, readBaseline } from './baseline.js';
import type { Config } from './config.js';
import { crewSize, type Limits, limitsOf, Reader } from './crew.js';
import type { Sources, Source } from './files.js';
import { configured, type Reply } from './findings.js';
import { mended } from './fix.js';
import { findNowhere, toldOf } from './leads.js';
import { inOrder, type Placed } from './placed.js';
import { Refused } from './refused.js';

/** The findings in one file. */
export interface Result {
  name: string;
  findings: readonly Placed[];
  /** Findings that a comment allows. */
  allowed: readonly Allowed[];
  /** Findings that the baseline accepts. */
  passed: readonly Placed[];
}

/** The options of a check. */
export interface CheckOptions {
  config: Pick<Config, 'rules' | 'elements' | 'hooks' | 'patterns'>;
  /** The path of a baseline. Default: none. */
  baseline?: string | undefined;
  /** Whether warnings are omitted. Default: false. */
  quiet?: boolean | undefined;
  /** Whether findings are fixed in the files, if possible. Default: false. */
  fix?: boolean | undefined;
  /** Limits of time and memory. Default: those of `Limits`. */
  limits?: Limits | undefined;
}

/** The result of a check. */
export interface Checked {
  results: Result[];
  /** Files that could not be read, each in a sentence. */
  problems: string[];
  mendedCount: number;
}

type Read = Exclude<Reply, { refused: string }>;

/** Reads one source in a worker. Undefined if there is nothing to check in it. */
async function replyTo(source: Source, reader: Reader): Promise<Reply | undefined> {
  try {
    const text = await source.text();
    if (!(await source.isWorth(text))) return undefined;
    return await reader.read({ name: source.name, text });
  } catch (error) {
    if (error instanceof Refused) return { refused: error.message };
    throw error;
  }
}

/** Reads all sources, as many at a time as there are workers. Returns the result of each. */
async function readAll(
  sources: readonly Source[],
  crew: readonly Reader[],
  inAll: number,
): Promise<Map<Source, Reply>> {
  const replies = new Map<Source, Reply>();
  const waiting = sources.values();
  const end = performance.now() + inAll * 1000;
  const work = async (reader: Reader): Promise<void> => {
    for (const source of waiting) {
      if (performance.now() > end) return;
      const reply = await replyTo(source, reader);
      if (reply) replies.set(source, reply);
      else skipped.add(source);
    }
  };
  const skipped = new Set<Source>();
  await Promise.all(crew.map(work));
  // In the order of the sources, whichever was read first. The others were not reached in time.
  return new Map(
    sources.flatMap((source) =>
      skipped.has(source)
        ? []
        : [
            [
              source,
              replies.get(source) ?? { refused: `the run took longer than ${inAll} s before this file` },
            ],
          ],
    ),
  );
}

/** A run of `check`: the data that its steps share. */
class Run {
  mendedCount = 0;
  readonly #options: CheckOptions;
  readonly #nowhere: ReadonlyMap<string, string | undefined>;
  readonly #old: Counts | undefined;

  constructor(options: CheckOptions, nowhere: ReadonlyMap<string, string | undefined>) {
    this.#options = options;
    this.#nowhere = nowhere;
    this.#old = options.baseline === undefined ? undefined : readBaseline(options.baseline);
  }

  /** Returns the findings in a file according to the configuration, without those that comments allow. */
  #parted({ findings, leads, comments }: Read): ReturnType<typeof parted> {
    const told = leads
      .filter(({ id }) => this.#nowhere.has(id))
      .map((lead) => toldOf(lead, this.#nowhere.get(lead.id)));
    return parted(comments, configured(inOrder([...findings, ...told]), this.#options.config.rules));
  }

  /** Fixes a file if possible. Returns the new findings. */
  async #mend(source: Source, found: Read, reader: Reader): Promise<Read> {
    const edits = this.#parted(found).findings.flatMap(({ fix }) => fix ?? []);
    if (!edits.length) return found;
    const text = mended(await source.text(), edits);
    writeFileSync(source.name, text);
    this.mendedCount += edits.length;
    const again = await reader.read({ name: source.name, text });
    return again.refused === undefined ? again : found;
  }

  async result(source: Source, read: Read, reader: Reader): Promise<Result> {
    const { quiet, fix, baseline } = this.#options;
    const found = fix && source.isFile ? await this.#mend(source, read, reader) : read;
    const { name } = source;
    const { findings, allowed } = this.#parted(found);
    const loud = quiet ? findings.filter(({ severity }) => severity === 'error') : findings;
    if (baseline === undefined || !this.#old) return { name, findings: loud, allowed, passed: [] };
    const rest = passing(this.#old, baseline, name, loud);
    return { name, findings: rest.findings, allowed, passed: rest.passed };
  }
}

/**
 * Checks files. A file that cannot be read is reported as a problem, and the others are checked all the same.
 */
export async function checkAll(
  { sources, isWhole }: Pick<Sources, 'sources' | 'isWhole'>,
  options: CheckOptions,
): Promise<Checked> {
  const limits = limitsOf(options.limits);
  const { elements, hooks, patterns } = options.config;
  const crew = Array.from(
    { length: crewSize(sources.length) },
    () => new Reader({ elements, hooks, patterns }, limits),
  );
  const [reader] = crew;
  const results: Result[] = [];
  const problems: string[] = [];
  try {
    const replies = await readAll(sources, crew, limits.inAll);
    const leads = [...replies.values()].flatMap((reply) => (reply.refused === undefined ? reply.leads : []));
    const run = new Run(options, await findNowhere(isWhole ? leads : [], sources));
    for (const [source, reply] of replies)
      if (reply.refused !== undefined) problems.push(`${source.name}: ${reply.refused}.`);
      else if (reader) results.push(await run.result(source, reply, reader));
    return { results, problems, mendedCount: run.mendedCount };
  } finally {
    await Promise.all(crew.map((each) => each.end()));
  }
}
