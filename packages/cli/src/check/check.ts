// Checks files: workers read each and run the rules; here what is found is parted from what is allowed, let pass or turned off.
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
  config: Pick<Config, 'rules' | 'elements' | 'hooks' | 'patterns'>;
  /** The path of a baseline. Default: none. */
  baseline?: string | undefined;
  /** Leaves warnings out. Default: false. */
  quiet?: boolean | undefined;
  /** Mends what can be mended, in the files. Default: false. */
  fix?: boolean | undefined;
  /** Limits of time and memory. Default: those of `Limits`. */
  limits?: Limits | undefined;
}

/** What comes of a run. */
export interface Checked {
  results: Result[];
  /** What could not be read, in sentences. */
  problems: string[];
  mendedCount: number;
}

type Read = Exclude<Reply, { refused: string }>;

/** Reads one source by a worker; undefined where it is none to check. */
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

/** Reads all sources, as many at a time as there are workers; by source what came of it. */
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
  // In the order of the sources, whichever was read first; what is left was not reached in time.
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

/** A run of `check`: what its steps share. */
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

  /** What is found in a file, as it is configured, parted from what is allowed by comments. */
  #parted({ findings, leads, comments }: Read): ReturnType<typeof parted> {
    const told = leads
      .filter(({ id }) => this.#nowhere.has(id))
      .map((lead) => toldOf(lead, this.#nowhere.get(lead.id)));
    return parted(comments, configured(inOrder([...findings, ...told]), this.#options.config.rules));
  }

  /** Mends a file where that can be done; answers what is read of it then. */
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

/** Checks files; what cannot be read is a problem, and keeps nothing else from being checked. */
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
