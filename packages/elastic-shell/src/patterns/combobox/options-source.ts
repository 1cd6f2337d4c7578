// Where the options of a combobox come from: the markup, data, or a function that is asked while the user types. Of
// several answers only that to the latest question counts.
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

/** How it is going with options that are asked for. */
export interface LoadState {
  isBusy: boolean;
  hasFailed: boolean;
  error?: unknown;
}

/** The options of one combobox that are known now. */
export interface OptionsSource {
  items: Items;
  /** Every option that is known now, whatever is searched for. */
  all(): readonly Item[];
  labelOf(key: string): string;
  /** Shows what there is for `query`; `extra` comes last. */
  show(query: string, extra?: Item): void;
  /** Options in markup that `query` left out or took in since this was last asked, by key. */
  turned(): ReadonlySet<string>;
  /** Whether an option in markup shows. */
  isShown(key: string): boolean;
  /** Asks for it, if that is how options come. */
  ask(query: string, isTyped: boolean): void;
  /** Tries again after a failure. */
  retry(): void;
  state(): LoadState;
  /** Keeps the label of an option that came from elsewhere. */
  learn(item: Item): void;
  /** These options are others now. */
  update(names: ReadonlySet<string>): void;
  /** Makes ready for what may be typed. */
  prepare(): void;
  /** Whether rows made from data are still in the list. */
  stands(): boolean;
  release(): void;
}

/** Milliseconds that typing rests before a function is asked. */
const usualDebounce = 200;

interface Held {
  root: HTMLElement;
  list: HTMLElement;
  settings: ComboboxSettings;
  asked: AskedItems<Item> | undefined;
  markup: MarkupItems | undefined;
  data: DataRows<Item> | undefined;
  /** Labels of options that came with an answer, or from elsewhere. */
  labels: Map<string, string>;
  finder: Finder;
  /** What the options in markup show the findings of. */
  shown: Search<Item> | undefined;
  /** The keys of the options in markup that fit; undefined for all. And those that differ since somebody asked. */
  fitting: ReadonlySet<string> | undefined;
  turned: Set<string>;
  all: readonly Item[];
  timer: ReturnType<typeof setTimeout> | undefined;
  load: AbortController | undefined;
  /** Typing rests, and then it is asked. */
  isWaiting: boolean;
  /** What was last asked for, and what came of it when that failed. */
  last: string | undefined;
  failure: { error: unknown } | undefined;
  /** Called when the options, or the state of loading them, have changed. */
  changed(): void;
}

const take = (held: Held, next: readonly Item[]): void => {
  held.all = unlike(held.list, next);
  // A list of thousands is looked through when a label is wanted; what goes with an answer is kept.
  if (held.asked) for (const { key, label = key } of held.all) held.labels.set(key, label);
};

/** Asks for `query`; what came of an earlier one does not count any more. */
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
      // This is a mistake in the function, not a failed request, so it is also reported as an error.
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

/** Gives up what is on its way. */
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

/** Options in markup: shows those that fit and no others. */
function showFitting(held: Held, markup: MarkupItems, search: Search<Item> | undefined): void {
  const { fitting: before } = held;
  if (held.shown === search) return;
  held.shown = search;
  const now = search && new Set(search.found().map(({ key }) => key));
  // Without a set all show.
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

/** The list or the cell that options are given by. */
const givenBy = ({ items }: ComboboxSettings): ItemsOption<Item> | undefined =>
  typeof items === 'function' ? undefined : items;

/** The options of a combobox. `changed` is called when they, or the state of loading them, have changed. */
export function optionsSource(
  root: HTMLElement,
  list: HTMLElement,
  settings: ComboboxSettings,
  changed: (isFound?: boolean) => void,
): OptionsSource {
  const given = givenBy(settings);
  // Looked at first: where they are no items, nothing is made.
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
      // A function in place of another is asked from now on.
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
