// The worker that parses: a parser that runs out of memory, never ends or stops its process takes the worker along, and not the run.
import { parentPort, workerData } from 'node:worker_threads';
import { adopt, type Adopted } from './adopted.js';
import { loadPatterns } from './config.js';
import { findIn } from './findings.js';

/** What a worker is told at its start. */
export interface Setting extends Adopted {
  /** Modules that describe patterns of the project's own, by their absolute paths. */
  patterns: readonly string[];
}

/** One text to be read. */
export interface Job {
  name: string;
  text: string;
}

// `crew.ts` starts this file, and gives it nothing else.
const setting: Setting = workerData;
adopt(setting);
await loadPatterns(setting.patterns);
parentPort?.on('message', ({ name, text }: Job) => {
  void findIn(name, text).then((reply) => parentPort?.postMessage(reply));
});
parentPort?.postMessage('ready');
