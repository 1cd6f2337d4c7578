// Options that hold for a part of an application: provided anywhere, they count for what is created below.
import { inject, InjectionToken, type Provider } from '@angular/core';
import type { PatternOptions } from 'elastic-shell';

/** The defaults of each pattern, by name. */
export const shellDefaults = new InjectionToken<Partial<PatternOptions>>('elastic-shell defaults');

/**
 * Options for every instance of the named patterns below this provider; an instance's own options win. What an outer provider
 * says holds as far as this one does not say another.
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
