// Workers that read texts, each with limits of time and memory. A worker that exceeds its limits, or crashes,
// is replaced.
import { once } from 'node:events';
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { Reply } from './findings.js';
import { Refused } from './refused.js';
import type { Job, Setting } from './worker.js';

/** The limits of a run. */
export interface Limits {
  /** The time for one file, in seconds. Default: 20. */
  perFile?: number | undefined;
  /** The time for all files, in seconds. Default: 600. */
  inAll?: number | undefined;
  /** The memory of a worker, in megabytes. Default: 1024. */
  memory?: number | undefined;
}

const defaults = { perFile: 20, inAll: 600, memory: 1024 };

/** Returns the limits of a run, with defaults. */
export const limitsOf = ({ perFile, inAll, memory }: Limits = {}): Required<{
  [L in keyof Limits]: number;
}> => ({
  perFile: perFile ?? defaults.perFile,
  inAll: inAll ?? defaults.inAll,
  memory: memory ?? defaults.memory,
});

/** How many files make a second worker worth its start, and how many workers there are at most. */
const filesPerWorker = 20;
const mostWorkers = 4;

/** Returns the number of workers for a number of files. */
export const crewSize = (files: number): number =>
  Math.max(1, Math.min(mostWorkers, availableParallelism() - 1, Math.ceil(files / filesPerWorker)));

/** A worker, started when it is needed and again after a crash. */
export class Reader {
  #worker: Worker | undefined;
  readonly #setting: Setting;
  readonly #limits: ReturnType<typeof limitsOf>;

  constructor(setting: Setting, limits: ReturnType<typeof limitsOf>) {
    this.#setting = setting;
    this.#limits = limits;
  }

  /** Reads one text. A text that exceeds a limit is refused. */
  async read(job: Job): Promise<Reply> {
    const worker = (this.#worker ??= await this.#start());
    const { perFile } = this.#limits;
    let timer: NodeJS.Timeout | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Refused(`it took longer than ${perFile} s`)), perFile * 1000);
    });
    try {
      worker.postMessage(job);
      return await Promise.race([this.#answer<Reply>(worker), late]);
    } catch (error) {
      await this.end();
      return { refused: `${error instanceof Error ? error.message : String(error)}; it was skipped` };
    } finally {
      clearTimeout(timer);
    }
  }

  /** Returns the next message of a worker. Rejects if it crashes before. */
  async #answer<T>(worker: Worker): Promise<T> {
    const done = new AbortController();
    const { signal } = done;
    try {
      return await Promise.race([
        once(worker, 'message', { signal }).then(([message]: T[]): T => {
          if (message === undefined) throw new Refused('its parser returned no result');
          return message;
        }),
        once(worker, 'exit', { signal }).then(() => {
          throw new Refused('its parser stopped');
        }),
      ]);
    } catch (error) {
      const isMemory = error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
      throw isMemory ? new Refused(`it took more than ${this.#limits.memory} MB of memory`) : error;
    } finally {
      done.abort();
    }
  }

  async #start(): Promise<Worker> {
    const worker = new Worker(new URL('./worker.js', import.meta.url), {
      workerData: this.#setting,
      resourceLimits: { maxOldGenerationSizeMb: this.#limits.memory },
      // What a parser writes while it crashes is not interesting to the user.
      stderr: true,
      stdout: true,
    });
    // The worker reports that it is ready before it gets a text, so that the time for a file excludes the
    // start.
    await this.#answer(worker);
    return worker;
  }

  /** Ends the worker. The next text starts another one. */
  async end(): Promise<void> {
    const worker = this.#worker;
    this.#worker = undefined;
    await worker?.terminate();
  }
}
