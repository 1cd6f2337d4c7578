// Text for labels and messages: what a label says, and the words a user hears.

/** A label as it is read out: white space folded, ends trimmed. */
export const labelText = (text: string | null | undefined): string =>
  (text ?? '').replace(/\s+/g, ' ').trim();

/** True when a label holds at least one letter or digit of any script; a lone cross or arrow does not. */
export const hasWords = (text: string | null | undefined): boolean => /[\p{L}\p{N}]/u.test(text ?? '');

/** The sentence for something that failed: the error's own message, else the error as text. */
export const failureText = (error: unknown): string =>
  labelText((error as Error | undefined)?.message ?? String(error));
