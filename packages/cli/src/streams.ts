// Where the command line writes and reads.

/** What a command writes to and reads from; tests hand in their own. */
export interface Streams {
  out(text: string): void;
  error(text: string): void;
  input: AsyncIterable<Uint8Array | string>;
}

/** Those of the process itself. */
export const standard: Streams = {
  out: (text) => process.stdout.write(text),
  error: (text) => process.stderr.write(text),
  input: process.stdin,
};
