// Workers that read texts, each within limits of time and of memory. One that breaks its limits, or dies, is replaced.
import { once } from 'node:events';
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { Reply } from './findings.js';
import { Refused } from './refused.js';
import type { Job, Setting } from './worker.js';

/** Limits of a run. */
export interface Limits {
  /** Seconds that one file may take. Default: 20. */
  perFile?: number | undefined;
  /** Seconds that all files may take. Default: 600. */
  inAll?: number | undefined;
  /** Megabytes of memory that a worker may take. Default: 1024. */
  memory?: number | undefined;
}

const defaults = { perFile: 20, inAll: 600, memory: 1024 };

/** The limits of a run, where none is given the default ones. */
export const limitsOf = ({ perFile, inAll, memory }: Limits = {}): Required<{
  [L in keyof Limits]: number;
}> => ({
  perFile: perFile ?? defaults.perFile,
  inAll: inAll ?? defaults.inAll,
  memory: memory ?? defaults.memory,
});

/** How many files there are before a second worker is worth its start, and how many workers there are at most. */
const filesPerWorker = 20;
const mostWorkers = 4;

/** How many workers read so many files. */
export const crewSize = (files: number): number =>
  Math.max(1, Math.min(mostWorkers, availableParallelism() - 1, Math.ceil(files / filesPerWorker)));

/** One worker, made when it is needed and made again after it has died. */
export class Reader {
  #worker: Worker | undefined;
  readonly #setting: Setting;
  readonly #limits: ReturnType<typeof limitsOf>;

  constructor(setting: Setting, limits: ReturnType<typeof limitsOf>) {
    this.#setting = setting;
    this.#limits = limits;
  }

  /** Reads one text; a text that breaks a limit is refused. */
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

  /** The next message of a worker. Rejects where it dies before. */
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
      // What a parser writes as it dies is no concern of whoever reads the findings.
      stderr: true,
      stdout: true,
    });
    // It says that it is ready before it gets a text: the time of a file doesn't hold that of a start.
    await this.#answer(worker);
    return worker;
  }

  /** Ends the worker; the next text starts another. */
  async end(): Promise<void> {
    const worker = this.#worker;
    this.#worker = undefined;
    await worker?.terminate();
  }
}
