// How a pattern lives in Angular: one instance for as long as what has injected it lives. Its options are followed after each
// render, its states are signals, and its parts are attributes that a directive writes.
//
// A state that Angular holds is a signal, which is asked: it is set, and read again at once; one that has not taken the value (an
// input whose parent has yet to answer) is read again after the next render.
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

/** Options as they are read: what is left out is undefined. */
export type Given = Readonly<Record<string, unknown>>;

/** One instance, and what Angular follows of it. */
export interface Instance {
  bound: Bound;
  /** Has it know its options before anything is asked of it. */
  ready(): void;
  /** Whoever reads this state follows it. */
  track(name: string): void;
}

/** Counts the instances of one application, so that a server and the page that takes over from it count alike. */
@Injectable({ providedIn: 'root' })
class Ids {
  readonly #app = inject(APP_ID);
  #made = 0;

  next(): string {
    return `shell-${this.#app}-${++this.#made}`;
  }
}

/** When what was set has been rendered, and who holds a state has had his say. */
export const rendered = (injector: Injector): Promise<void> =>
  new Promise((resolve) => {
    // What holds it may be gone: then nobody will say anything.
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

/** A function whose answer may be an observable: its first value counts. */
const awaiting =
  (act: (...args: never[]) => unknown) =>
  (...args: never[]): unknown => {
    const answer = act(...args);
    return isObservable(answer) ? firstValueFrom(answer, { defaultValue: undefined }) : answer;
  };

/** A state as one function that reads it and another that is asked for it. */
const isPair = (value: unknown): value is [get: () => unknown, set: (next: unknown) => unknown] =>
  Array.isArray(value) && value.length === 2 && value.every((each) => typeof each === 'function');

/** An option as Angular gives it: a state by a signal or a getter, anything else by its value. */
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
  // It was asked for what it is: a function of somebody's own.
  return typeof value === 'function' ? awaiting(value as (...args: never[]) => unknown) : value;
}

/** Reads what the options hold, so that a change of it is heard. */
const look = (options: Given): void => {
  for (const value of Object.values(options))
    if (isSignal(value)) value();
    else if (isPair(value)) value[0]();
};

/**
 * Holds an instance of `bindable` for as long as the injector that is current lives. `read` answers with the options, and is
 * asked again after each render in which a signal that it has read is another.
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
