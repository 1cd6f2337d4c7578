// Default options for a part of an application. They apply to everything that is created below the provider.
import { inject, InjectionToken, type Provider } from '@angular/core';
import type { PatternOptions } from 'elastic-shell';

/** The default options by pattern. */
export const shellDefaults = new InjectionToken<Partial<PatternOptions>>('elastic-shell defaults');

/**
 * Sets options for every instance of a pattern below this provider. Options of an instance take precedence,
 * and so do those of an inner provider.
 *
 * @param own - The options by pattern.
 * @returns The providers.
 */
export const provideShellDefaults = (own: Partial<PatternOptions>): Provider => ({
  provide: shellDefaults,
  useFactory: () => {
    const around: Partial<Record<string, object>> =
      inject(shellDefaults, { optional: true, skipSelf: true }) ?? {};
    const merged: Record<string, object> = { ...around } as Record<string, object>;
    for (const [name, options] of Object.entries(own)) merged[name] = { ...around[name], ...options };
    return merged;
  },
});
