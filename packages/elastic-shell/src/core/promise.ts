// Results that may be synchronous or asynchronous.

/** Returns true for a promise or another thenable. */
export const isPromise = <T>(value: T | PromiseLike<T> | undefined): value is PromiseLike<T> =>
  typeof value === 'object' && value !== null && 'then' in value && typeof value.then === 'function';
