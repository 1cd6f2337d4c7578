// Errors that nobody waits for: told as the platform tells of those that nobody caught.

/** Tells of `error`; where the platform has no way to (jsdom), on the console. */
export const tellError = (error: unknown): void => {
  if (typeof reportError === 'function') reportError(error);
  else console.error(error);
};
