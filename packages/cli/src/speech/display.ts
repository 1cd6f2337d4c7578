// A display for browsers that need one: an X server without a screen.
import { type ChildProcess, spawn } from 'node:child_process';

/**
 * Starts Xvfb.
 *
 * @returns Its process, and the name of its display, such as `:99`.
 */
export function startDisplay(path: string): Promise<[ChildProcess, string]> {
  const child = spawn(path, ['-displayfd', '3', '-screen', '0', '1400x1000x24', '-nolisten', 'tcp'], {
    stdio: ['ignore', 'ignore', 'ignore', 'pipe'],
  });
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', (code) => reject(new Error(`Xvfb ended with code ${code}.`)));
    child.stdio[3]?.once('data', (text) => resolve([child, `:${`${text}`.trim()}`]));
  });
}
