// The base of the Angular package: it keeps one instance for as long as its injector lives. Its options are
// followed after each render, its states are signals, and a directive writes the attributes of its parts. If
// Angular stores a state, the option is a signal: it is set, and read again at once. If it has not taken the
// value (an input whose parent has not answered), it is read again after the next render.
import {
  afterNextRender,
  afterRenderEffect,
  APP_ID,
  DestroyRef,
  inject,
  Injectable,
  Injector,
  isSignal,
  type Signal,
  signal,
  untracked,
  type WritableSignal,
} from '@angular/core';
import { asPort, type Bindable, bound, type Bound, overDefaults, type Port } from 'elastic-shell/bindings';
import { firstValueFrom, isObservable } from 'rxjs';
import { shellDefaults } from './defaults.js';

/** Options as they are read. Omitted ones are undefined. */
export type Given = Readonly<Record<string, unknown>>;

/** One instance, with its states as Angular signals. */
export interface Instance {
  bound: Bound;
  /** Passes the options to the instance before anything is read from it. */
  ready(): void;
  /** Tracks this state for the reader. */
  track(name: string): void;
}

/** Counts the instances of one application, so that a server and the hydrated page use the same ids. */
@Injectable({ providedIn: 'root' })
class Ids {
  readonly #app = inject(APP_ID);
  #made = 0;

  next(): string {
    return `shell-${this.#app}-${++this.#made}`;
  }
}

/** Called when the new value has been rendered, and the owner of the state has answered. */
export const rendered = (injector: Injector): Promise<void> =>
  new Promise((resolve) => {
    // If the owner is gone, nobody will answer.
    if (injector.get(DestroyRef).destroyed) return resolve();
    afterNextRender({ read: () => resolve() }, { injector });
  });

/** A signal as the owner of a state. */
const signalPort = (source: Signal<unknown>, injector: Injector): Port =>
  asPort({
    get: () => untracked(source),
    set(value) {
      if ('set' in source) (source as WritableSignal<unknown>).set(value);
      return Object.is(untracked(source), value) ? undefined : rendered(injector);
    },
  });

/** A function whose result may be an observable: its first value counts. */
const awaiting =
  (act: (...args: never[]) => unknown) =>
  (...args: never[]): unknown => {
    const answer = act(...args);
    return isObservable(answer) ? firstValueFrom(answer, { defaultValue: undefined }) : answer;
  };

/** A state as a function that reads it, and another that is asked about changes. */
const isPair = (value: unknown): value is [get: () => unknown, set: (next: unknown) => unknown] =>
  Array.isArray(value) && value.length === 2 && value.every((each) => typeof each === 'function');

/** Reads an option of Angular: a state from a signal or a getter, anything else as it is. */
function taken({ outline }: Bindable, name: string, value: unknown, injector: Injector): unknown {
  if (Object.hasOwn(outline.first, name)) {
    if (isSignal(value)) return signalPort(value, injector);
    if (typeof value === 'function')
      return asPort({ get: () => untracked(() => value()), set: () => rendered(injector) });
    if (isPair(value)) {
      const [get, set] = value;
      return asPort({
        get: () => untracked(get),
        set: (next) => Promise.resolve(set(next)).then(() => rendered(injector)),
      });
    }
    return value;
  }
  if (isSignal(value)) return untracked(value);
  // It was called to find out what it is, and is a function of the application.
  return typeof value === 'function' ? awaiting(value as (...args: never[]) => unknown) : value;
}

/** Reads the options, so that changes are followed. */
const look = (options: Given): void => {
  for (const value of Object.values(options))
    if (isSignal(value)) value();
    else if (isPair(value)) value[0]();
};

/**
 * Keeps an instance of `bindable` for as long as the current injector lives. `read` returns the options, and
 * is called again after each render in which a signal that it has read has changed.
 */
export function instanceOf(bindable: Bindable, read: () => Given, ownId?: string | null): Instance {
  const injector = inject(Injector);
  const defaults: Given =
    Reflect.get(inject(shellDefaults, { optional: true }) ?? {}, bindable.outline.name) ?? {};
  const versions = new Map<string, WritableSignal<number>>();
  const versionOf = (name: string): WritableSignal<number> => {
    const known = versions.get(name) ?? signal(0);
    versions.set(name, known);
    return known;
  };
  const id = ownId ?? inject(Ids).next();
  const instance = bound(bindable, id, (name) => versionOf(name).update((version) => version + 1));
  const take = (options: Given): void => {
    const given = Object.entries(overDefaults(defaults, options)).filter(([, value]) => value !== undefined);
    instance.take(
      Object.fromEntries(given.map(([name, value]) => [name, taken(bindable, name, value, injector)])),
    );
  };
  afterRenderEffect(() => {
    const options = read();
    look(options);
    untracked(() => take(options));
  });
  return {
    bound: instance,
    ready() {
      // Once it is wired, they are followed after each render.
      if (!instance.wired()) untracked(() => take(read()));
    },
    track(name) {
      versionOf(name)();
      if (!instance.wired()) look(read());
    },
  };
}
