// Provides the options of a combobox: from the markup, from data, or from a function that is called while the
// user types. Only the result of the latest call is used.
import { indexOf, type Item } from '../../core/collection/items.js';
import type { Search } from '../../core/collection/search.js';
import { tell } from '../../core/report.js';
import { tellError } from '../../engine/report-error.js';
import { isPromise } from '../../core/promise.js';
import { type Items, labelIn, type MarkupItems, markupItems } from '../../list/items.js';
import { type DataRows, dataRows } from '../../list/rows/data-rows.js';
import { feedOf, itemsIn, type ItemsOption, unlike } from '../../list/rows/source.js';
import { type Finder, finder } from './finder.js';
import type { AskedItems, ComboboxSettings } from './types.js';

/** The progress of loading options. */
export interface LoadState {
  isBusy: boolean;
  hasFailed: boolean;
  error?: unknown;
}

/** The options of one combobox that are known now. */
export interface OptionsSource {
  items: Items;
  /** All known options, regardless of the search. */
  all(): readonly Item[];
  labelOf(key: string): string;
  /** Shows the options for `query`, with `extra` at the end. */
  show(query: string, extra?: Item): void;
  /** The keys of the options in the markup that `query` has hidden or shown since the last call. */
  turned(): ReadonlySet<string>;
  /** Returns whether an option in the markup is visible. */
  isShown(key: string): boolean;
  /** Loads the options for `query`, if they come from a function. */
  ask(query: string, isTyped: boolean): void;
  /** Tries again after a failure. */
  retry(): void;
  state(): LoadState;
  /** Remembers the label of an option from elsewhere. */
  learn(item: Item): void;
  /** The options have changed. */
  update(names: ReadonlySet<string>): void;
  /** Prepares a search. */
  prepare(): void;
  /** Returns whether rows rendered from data are still in the list. */
  stands(): boolean;
  release(): void;
}

/** Milliseconds without typing before a function is called. */
const usualDebounce = 200;

interface Held {
  root: HTMLElement;
  list: HTMLElement;
  settings: ComboboxSettings;
  asked: AskedItems<Item> | undefined;
  markup: MarkupItems | undefined;
  data: DataRows<Item> | undefined;
  /** The labels of options from earlier results or from elsewhere. */
  labels: Map<string, string>;
  finder: Finder;
  /** The query whose result the options in the markup show. */
  shown: Search<Item> | undefined;
  /**
   * The keys of the matching options in the markup, or undefined for all, and those that changed since the
   * last call.
   */
  fitting: ReadonlySet<string> | undefined;
  turned: Set<string>;
  all: readonly Item[];
  timer: ReturnType<typeof setTimeout> | undefined;
  load: AbortController | undefined;
  /** Calls the function after typing has paused. */
  isWaiting: boolean;
  /** The latest query, and its error if it failed. */
  last: string | undefined;
  failure: { error: unknown } | undefined;
  /** Called when the options or their loading state have changed. */
  changed(): void;
}

const take = (held: Held, next: readonly Item[]): void => {
  held.all = unlike(held.list, next);
  // Thousands of labels are searched only when one is needed. Labels of results are remembered.
  if (held.asked) for (const { key, label = key } of held.all) held.labels.set(key, label);
};

/** Loads the options for `query`. Results of earlier calls are ignored. */
function load(held: Held, asked: AskedItems<Item>, query: string): void {
  const mine = (held.load = new AbortController());
  held.isWaiting = false;
  held.last = query;
  const end = (act: () => unknown): void => {
    if (held.load !== mine) return;
    held.load = undefined;
    act();
    held.changed();
  };
  const fail = (error: unknown): void =>
    end(() => {
      held.failure = { error };
      tell('options-failed', held.root, { query, error });
    });
  const fill = (answer: readonly Item[]): void => {
    if (held.load !== mine) return;
    try {
      take(held, answer);
    } catch (error) {
      // This is a mistake in the function rather than a failed request, so it is also reported as an error.
      tellError(error);
      return fail(error);
    }
    end(() => (held.failure = undefined));
  };
  try {
    const answer = asked(query, mine.signal);
    if (isPromise(answer)) void answer.then(fill).then(undefined, fail);
    else fill(answer);
  } catch (error) {
    fail(error);
  }
  if (held.load) held.changed();
}

/** Cancels a pending call. */
const cancel = (held: Held): void => {
  clearTimeout(held.timer);
  held.load?.abort();
  held.load = undefined;
};

function ask(held: Held, query: string, isTyped: boolean): void {
  const { asked, settings, last, failure } = held;
  if (!asked || (last === query && !failure)) return;
  cancel(held);
  held.isWaiting = isTyped;
  const now = (): void => load(held, asked, query);
  if (isTyped) held.timer = setTimeout(now, Number(settings.debounce ?? usualDebounce));
  else now();
}

/** Options in the markup: shows the matching ones and hides the others. */
function showFitting(held: Held, markup: MarkupItems, search: Search<Item> | undefined): void {
  const { fitting: before } = held;
  if (held.shown === search) return;
  held.shown = search;
  const now = search && new Set(search.found().map(({ key }) => key));
  // Without a set, all are visible.
  for (const { key } of markup.all())
    if ((before?.has(key) ?? true) !== (now?.has(key) ?? true)) held.turned.add(key);
  held.fitting = now;
  markup.refresh();
}

function show(held: Held, query: string, extra: Item | undefined): void {
  const { markup, data, asked, all, finder: found } = held;
  const isSearched = !!query && !asked;
  if (!isSearched) found.stop();
  const search = isSearched ? found.find(markup?.all() ?? all, query) : undefined;
  if (isSearched && !search) return;
  if (markup) return showFitting(held, markup, search);
  const next = search ? search.found() : all;
  data?.set(extra ? [...next, extra] : next);
}

/** The array or the cell that contains the options. */
const givenBy = ({ items }: ComboboxSettings): ItemsOption<Item> | undefined =>
  typeof items === 'function' ? undefined : items;

/**
 * Creates the source of options. `changed` is called when the options or their loading state have changed.
 */
export function optionsSource(
  root: HTMLElement,
  list: HTMLElement,
  settings: ComboboxSettings,
  changed: (isFound?: boolean) => void,
): OptionsSource {
  const given = givenBy(settings);
  // Checked first: invalid items should have no effects.
  const first = given && unlike(list, itemsIn(given));
  const data = settings.items ? dataRows<Item>(list, settings) : undefined;
  const markup = markupItems(list, () => list.querySelectorAll<HTMLElement>('[role=option]'), {
    labelOf: labelIn,
    isThere: ({ key }) => isShown(key),
  });
  const held: Held = {
    root,
    list,
    settings,
    get asked() {
      return typeof settings.items === 'function' ? settings.items : undefined;
    },
    markup: data ? undefined : markup,
    data,
    labels: new Map(),
    finder: finder(root, settings, () => changed(true)),
    shown: undefined,
    fitting: undefined,
    turned: new Set(),
    all: first ?? [],
    timer: undefined,
    load: undefined,
    isWaiting: false,
    last: undefined,
    failure: undefined,
    changed,
  };
  const isShown = (key: string): boolean => held.fitting?.has(key) ?? true;
  const all = (): readonly Item[] => held.markup?.all() ?? held.all;
  const feed = feedOf(given, (next) => {
    take(held, next);
    changed();
  });
  return {
    items: data ?? markup,
    all,
    labelOf: (key) =>
      held.labels.get(key) ?? all()[indexOf(all(), key)]?.label ?? settings.labelOf?.(key) ?? key,
    show: (query, extra) => show(held, query, extra),
    ask: (query, isTyped) => ask(held, query, isTyped),
    retry: () => held.asked && load(held, held.asked, held.last ?? ''),
    turned() {
      const { turned } = held;
      held.turned = new Set();
      return turned;
    },
    isShown,
    state: () => ({
      isBusy: !!(held.load || held.finder.isLooking() || held.isWaiting),
      hasFailed: !!held.failure,
      ...held.failure,
    }),
    update(names) {
      if (names.has('render')) data?.renderAgain();
      // If the function is replaced, the new one is called from now on.
      if (names.has('items')) feed.become(givenBy(settings));
    },
    prepare: () => held.finder.prepare(all()),
    stands: () => data?.stands() ?? true,
    learn: ({ key, label = key }) => void held.labels.set(key, label),
    release() {
      cancel(held);
      held.finder.release();
      feed.release();
      data?.release();
    },
  };
}
