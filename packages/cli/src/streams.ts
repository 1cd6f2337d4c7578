// Where the command line writes and reads.

/** What a command writes to and reads from; tests hand in their own. */
export interface Streams {
  out(text: string): void;
  error(text: string): void;
  input: AsyncIterable<Uint8Array | string>;
  /** Whether a person reads what `error` writes: then a line may be written over. */
  isTerminal: boolean;
}

/** Whoever reads may stop: what is said then is said to nobody, and is no error. */
for (const stream of [process.stdout, process.stderr])
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error;
  });

/** Those of the process itself. */
export const standard: Streams = {
  out: (text) => process.stdout.write(text),
  error: (text) => process.stderr.write(text),
  input: process.stdin,
  isTerminal: process.stderr.isTTY,
};
