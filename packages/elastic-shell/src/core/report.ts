// Where the engine says what happened. Nobody listens unless the journal is imported.

/** One thing the engine has to say: a code of the journal, what it concerns, and the values in it. */
export type Teller = (code: string, subject: unknown, detail?: unknown) => void;

let teller: Teller | undefined;

/** Says something to the journal, if there is one. */
export const tell: Teller = (code, subject, detail) => teller?.(code, subject, detail);

/** Sets who hears it; `undefined` for nobody. */
export const setTeller = (next: Teller | undefined): void => {
  teller = next;
};
