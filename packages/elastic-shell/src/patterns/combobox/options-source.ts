// What a combobox has to choose from: markup, data, or answers that are asked for while typing. Only the latest counts.
import type { Item } from '../../core/collection/items.js';
import { matcher, type MatchMode } from '../../core/collection/match.js';
import { tell } from '../../core/report.js';
import { languageOf } from '../../announce/announce.js';
import { itemsOf, labelIn } from '../../list/items.js';
import { isPromise } from '../../engine/promise.js';
import { type DataRows, dataRows, type RowOptions } from '../../list/rows/data-rows.js';
import { markupRows, type Rows } from '../../list/rows/rows.js';
import { followItems, itemsIn, type ItemsOption, unlike } from '../../list/rows/source.js';

export type Asked<I> = (query: string, signal: AbortSignal) => readonly I[] | PromiseLike<readonly I[]>;

export interface ChoicesOptions<I extends Item = Item> extends RowOptions<I> {
  /** Options as data: a list, a cell of one, or a function that is asked. Default: none; the markup holds them. */
  items?: ItemsOption<I> | Asked<I>;
  /** How what is typed finds an option. Default: `contains`. */
  match?: MatchMode | ((label: string, query: string, item: Item) => unknown);
  /** Milliseconds that typing rests before a function is asked. Default: 200. */
  delay?: number;
  /** The label of a key that no option at hand has. Default: the key itself. */
  labelOf?(key: string): string;
}

export interface Choices {
  rows: Rows;
  /** Every option at hand, whatever is searched for. */
  all(): readonly Item[];
  labelOf(key: string): string;
  /** Shows what there is for `query`; `extra` comes last. */
  show(query: string, extra?: Item): void;
  /** Asks for it, if that is how options come. */
  ask(query: string, isTyped: boolean): void;
  /** Tries again after a failure. */
  retry(): void;
  state(): { isBusy: boolean; error?: unknown; hasFailed: boolean };
  /** Keeps the label of an option that came from elsewhere. */
  learn(item: Item): void;
  release(): void;
}

/** `changed`: what is at hand, or how it is going, is different now. */
export function choices(
  root: HTMLElement,
  list: HTMLElement,
  options: ChoicesOptions,
  changed: () => void,
): Choices {
  const { items, match = 'contains', delay } = options;
  const asked = typeof items === 'function' ? items : undefined;
  const given = typeof items === 'function' ? undefined : items;
  const source = items
    ? undefined
    : itemsOf(list, () => list.querySelectorAll<HTMLElement>('[role=option]'), labelIn);
  const data: DataRows<Item> | undefined = items && dataRows(list, options);
  const labels = new Map<string, string>();
  let shown: ReadonlySet<string> | undefined;
  const rows = data ?? markupRows(list, source!, ({ key }) => shown?.has(key) ?? true);
  let all: readonly Item[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  let load: AbortController | undefined;
  /** Typing rests, and then it is asked. */
  let isWaiting = false;
  let last: { query: string } | undefined;
  let failure: { error: unknown } | undefined;

  const learn = ({ key, label = key }: Item): void => void labels.set(key, label);
  const take = (next: readonly Item[]): void => {
    all = unlike(list, next);
    // A list of thousands is looked through when a label is wanted; what goes with an answer is kept.
    if (asked) all.forEach(learn);
  };
  const fits = (query: string): ((item: Item) => unknown) => {
    if (!query || asked) return () => true;
    if (typeof match === 'function') return (item) => match(item.label ?? '', query, item);
    const matching = matcher(query, match, languageOf(root));
    return (item) => matching(item.label ?? '');
  };
  const run = (query: string): void => {
    const mine = (load = new AbortController());
    isWaiting = false;
    last = { query };
    const end = (act: () => void): void => {
      if (load !== mine) return;
      load = undefined;
      act();
      changed();
    };
    const fail = (error: unknown): void =>
      end(() => {
        failure = { error };
        tell('options-failed', root, { query, error });
      });
    const fill = (answer: readonly Item[]): void =>
      end(() => {
        if (!Array.isArray(answer))
          throw new TypeError(`elastic-shell: items must answer with a list, got ${String(answer)}`);
        failure = undefined;
        take(answer);
      });
    try {
      const answer = asked!(query, mine.signal);
      if (isPromise(answer)) void answer.then(fill).then(undefined, fail);
      else fill(answer);
    } catch (error) {
      fail(error);
    }
    if (load) changed();
  };
  const unfollow = followItems(given, (next) => {
    take(next);
    changed();
  });
  if (given) take(itemsIn(given));

  return {
    rows,
    all: () => source?.all() ?? all,
    labelOf: (key) =>
      labels.get(key) ??
      (source?.all() ?? all).find((item) => item.key === key)?.label ??
      options.labelOf?.(key) ??
      key,
    show(query, extra) {
      const fit = fits(query);
      if (source) {
        shown = query ? new Set(source.all().flatMap((item) => (fit(item) ? [item.key] : []))) : undefined;
        rows.refresh();
        return;
      }
      const next = query && !asked ? all.filter(fit) : all;
      data!.set(extra ? [...next, extra] : next);
    },
    ask(query, isTyped) {
      if (!asked || (last?.query === query && !failure)) return;
      clearTimeout(timer);
      load?.abort();
      load = undefined;
      isWaiting = isTyped;
      if (isTyped) timer = setTimeout(run, Number(delay ?? 200), query);
      else run(query);
    },
    retry: () => run(last?.query ?? ''),
    state: () => ({ isBusy: !!load || isWaiting, hasFailed: !!failure, ...failure }),
    learn,
    release() {
      clearTimeout(timer);
      load?.abort();
      load = undefined;
      unfollow();
      data?.release();
    },
  };
}
