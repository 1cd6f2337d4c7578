// A display for browsers that want one.
import { type ChildProcess, spawn } from 'node:child_process';

/** An X server without a screen; it says which display it took. */
export function startDisplay(path: string): Promise<[ChildProcess, string]> {
  const child = spawn(path, ['-displayfd', '3', '-screen', '0', '1400x1000x24', '-nolisten', 'tcp'], {
    stdio: ['ignore', 'ignore', 'ignore', 'pipe'],
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`Xvfb ended with code ${code}.`)));
    child.stdio[3]!.once('data', (text) => resolve([child, `:${`${text}`.trim()}`]));
  });
}
