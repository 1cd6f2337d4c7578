// Reports errors that no caller can catch, the way the platform reports uncaught errors.

/** Reports `error`, or logs it to the console if the platform has no `reportError` (jsdom). */
export const tellError = (error: unknown): void => {
  if (typeof reportError === 'function') reportError(error);
  else console.error(error);
};
