// The worker that parses. A parser that runs out of memory, never ends or stops its process ends the worker,
// and not the run.
import { parentPort, workerData } from 'node:worker_threads';
import { adopt, type Adopted } from './adopted.js';
import { loadPatterns } from './config.js';
import { findIn } from './findings.js';

/** The data that a worker gets at its start. */
export interface Setting extends Adopted {
  /** Modules that describe custom patterns, by absolute path. */
  patterns: readonly string[];
}

/** A text to read. */
export interface Job {
  name: string;
  text: string;
}

// `crew.ts` starts this file, and passes it nothing else.
const setting: Setting = workerData;
adopt(setting);
await loadPatterns(setting.patterns);
parentPort?.on('message', ({ name, text }: Job) => {
  void findIn(name, text).then((reply) => parentPort?.postMessage(reply));
});
parentPort?.postMessage('ready');
