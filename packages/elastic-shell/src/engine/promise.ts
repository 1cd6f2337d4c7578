// Answers that may come at once or later.

/** True for anything that can be waited for. */
export const isPromise = <T>(value: T | PromiseLike<T> | undefined): value is PromiseLike<T> =>
  typeof (value as PromiseLike<T> | undefined)?.then === 'function';
