// Checks again whenever one of the files changes.
import { watch as watchFiles } from 'chokidar';
import { Misuse } from '../misuse.js';
import type { Streams } from '../streams.js';
import { isCandidate } from './readers.js';

/**
 * How long files must not change before they are checked again, in milliseconds, because a program may save
 * several.
 */
const pause = 100;

/** Runs `check` now and after each change of a file under `paths`, until the process is stopped. */
export async function watch(
  paths: readonly string[],
  check: () => Promise<number>,
  streams: Streams,
): Promise<void> {
  if (paths.includes('-')) throw new Misuse("standard input can't be watched.");
  const run = async (): Promise<void> => {
    try {
      await check();
    } catch (error) {
      if (!(error instanceof Misuse)) throw error;
      streams.error(`elastic-shell: ${error.message}\n`);
    }
    streams.out('Watching for changes. Press Ctrl+C to stop.\n');
  };
  await run();
  let waiting: NodeJS.Timeout | undefined;
  let running = Promise.resolve();
  const watcher = watchFiles([...paths], {
    ignoreInitial: true,
    ignored: (path, stats) =>
      /[\\/]node_modules([\\/]|$)/.test(path) || (stats?.isFile() === true && !isCandidate(path)),
  });
  watcher.on('all', () => {
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      running = running.then(run);
    }, pause);
  });
  await new Promise<void>((resolve) => {
    process.once('SIGINT', () => void watcher.close().then(resolve));
  });
}
