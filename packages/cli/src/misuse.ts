// A mistake of the caller: one clear sentence, exit code 2 (or the one given), no stack trace.

/** An error that is printed as one sentence. */
export class Misuse extends Error {
  constructor(
    sentence: string,
    readonly exitCode = 2,
  ) {
    super(sentence);
  }
}
