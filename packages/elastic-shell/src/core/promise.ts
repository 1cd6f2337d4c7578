// Answers that may come at once or later.

/** True for anything that can be waited for. */
export const isPromise = <T>(value: T | PromiseLike<T> | undefined): value is PromiseLike<T> =>
  typeof value === 'object' && value !== null && 'then' in value && typeof value.then === 'function';
