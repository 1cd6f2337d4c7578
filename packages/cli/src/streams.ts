// The input and output of the command line.

/** What a command writes to and reads from. Tests pass their own. */
export interface Streams {
  out(text: string): void;
  error(text: string): void;
  input: AsyncIterable<Uint8Array | string>;
  /** Whether `error` is a terminal, on which a line may be overwritten. */
  isTerminal: boolean;
}

/** The reader may stop; output after that is discarded, and isn't an error. */
for (const stream of [process.stdout, process.stderr])
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error;
  });

/** The streams of the process. */
export const standard: Streams = {
  out: (text) => process.stdout.write(text),
  error: (text) => process.stderr.write(text),
  input: process.stdin,
  isTerminal: process.stderr.isTTY,
};
