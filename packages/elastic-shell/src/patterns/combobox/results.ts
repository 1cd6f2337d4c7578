// The results of a combobox: the options that its list shows, the option to add, and the loading state, shown
// and announced.
import { indexOf, type Item } from '../../core/collection/items.js';
import { move } from '../../core/collection/movement.js';
import { keysOf } from '../../core/collection/selection.js';
import { languageOf } from '../../announce/announce.js';
import type { Items } from '../../list/items.js';
import { arriving } from '../../engine/lazy-service.js';
import type { Highlighter } from '../../list/highlight.js';
import { type Notice, notice } from './notice.js';
import { type OptionsSource, optionsSource } from './options-source.js';
import type { ComboboxContext } from './types.js';

/** The key of the option that adds the typed text. */
export const addKey = 'shell-add';

/** Milliseconds before progress is shown. Faster results would only flicker. */
const patience = 150;

/** The results of one combobox. */
export interface Results extends Pick<
  OptionsSource,
  | 'items'
  | 'all'
  | 'labelOf'
  | 'ask'
  | 'prepare'
  | 'learn'
  | 'turned'
  | 'isShown'
  | 'state'
  | 'stands'
  | 'update'
> {
  items: Items;
  /** Marks the results as outdated. */
  stale(): void;
  /** Updates the rows to the state. */
  sync(): void;
  /** Shows the notice beside the rows. */
  show(): void;
  /** Returns the key that becomes current for this search. */
  firstMatch(query: string): string | undefined;
  /** Announces the number of results. */
  tellFound(): void;
  release(): void;
}

interface Held {
  context: ComboboxContext;
  source: OptionsSource;
  note: Notice;
  /** The state that the rows were last updated to. */
  shown: string | undefined;
  /** Loading has taken long enough to be announced. */
  isLate: boolean;
  timer: ReturnType<typeof setTimeout> | undefined;
  /** The highlighter, which is loaded on first use, and what it last marked. */
  marks: Highlighter | undefined;
  isMarking: boolean;
  marked: { query: string; items: readonly Item[] | undefined };
}

/** Returns the option that adds the typed text, unless an option has that name. */
const extraFor = ({ context: { engine, say }, source }: Held, query: string): Item | undefined => {
  const typed = query.trim();
  if (!engine.options.create || !typed || source.state().isBusy) return undefined;
  const exists = source.all().some(({ label }) => label?.toLowerCase() === typed.toLowerCase());
  return exists ? undefined : { key: addKey, label: say.add(typed) };
};

function sync(held: Held): void {
  const { context, source } = held;
  const { query } = context.engine.state();
  const now = `${source.state().isBusy} ${query}`;
  if (now === held.shown) return;
  held.shown = now;
  source.show(query, extraFor(held, query));
}

/** Counts the options, without the one that adds. */
const found = ({ source }: Held): number => {
  const items = source.items.items();
  return items.length - (items.at(-1)?.key === addKey ? 1 : 0);
};

const tellFound = (held: Held): void => {
  const { engine, say, announce } = held.context;
  const { query } = engine.state();
  if (!query || held.source.state().isBusy) return;
  sync(held);
  if (found(held)) announce.count(found(held));
  else announce.say(say.none(query));
};

function firstMatch(held: Held, query: string): string | undefined {
  sync(held);
  const { engine } = held.context;
  const items = held.source.items.items();
  const { current } = engine.state();
  if (!query) return indexOf(items, current) < 0 ? undefined : current;
  return engine.options.freeText ? undefined : move(items, undefined, 'first');
}

/**
 * The selected option may have another label now, which the field shows. An unknown label leaves the text
 * unchanged.
 */
function relabel({ context: { engine }, source }: Held): void {
  const { selected, text } = engine.state();
  const [key] = keysOf(selected);
  if (engine.options.multiple || key === undefined) return;
  const label = source.labelOf(key);
  if (label !== key && label !== text) engine.change({ text: label }, { reason: 'program' }, true);
}

/** The options or their loading state have changed. `isFound`: a search that took longer has ended. */
function changed(held: Held, isFound = false): void {
  const { engine, say, announce } = held.context;
  held.shown = undefined;
  sync(held);
  relabel(held);
  const { open, query, current } = engine.state();
  const { isBusy, hasFailed, error } = held.source.state();
  clearTimeout(held.timer);
  held.isLate = false;
  if (isBusy)
    held.timer = setTimeout(() => {
      held.isLate = true;
      announce.say(say.loading());
      engine.render();
    }, patience);
  else if (open) {
    if (isFound || indexOf(held.source.items.items(), current) < 0)
      engine.change({ current: firstMatch(held, query) }, { reason: 'native' }, true);
    if (hasFailed) announce.say(say.failed(error));
    else tellFound(held);
  }
  engine.render();
}

/** Shows beside the rows that nothing matches, or that options are loading or failed to load. */
function showNotice(held: Held): void {
  const { note, source, isLate } = held;
  const { engine, say } = held.context;
  const { open, query } = engine.state();
  const { isBusy, hasFailed, error } = source.state();
  if (hasFailed) note.show(say.failed(error), say.retry());
  else if (isBusy) note.show(isLate && !found(held) ? say.loading() : undefined);
  else note.show(found(held) || !open ? undefined : say.none(query));
}

/** Loads the highlighter on the first search. */
async function loadMarks(held: Held): Promise<void> {
  const { engine } = held.context;
  held.isMarking = true;
  const loaded = await arriving(import('../../list/highlight.js'));
  if (!held.isMarking) return;
  held.isMarking = !!loaded;
  if (!loaded) return;
  held.marks = loaded.highlighter(engine.root.ownerDocument);
  mark(held);
}

/** Highlights matches in the rows: once for rows in the markup, and after each change for rows from data. */
function mark(held: Held): void {
  const { context, source, marked, marks, isMarking } = held;
  const { engine } = context;
  const { open, query } = engine.state();
  const { match, items } = engine.options;
  const isMarked = open && query && typeof match !== 'function';
  if (!marks) return void (isMarked && !isMarking && loadMarks(held));
  const now = isMarked ? query : '';
  const shown = source.items.items();
  if (!items && marked.query === now && marked.items === shown) return;
  Object.assign(marked, { query: now, items: shown });
  const rows = [...source.items.shown()].filter(([{ key }]) => key !== addKey && source.isShown(key));
  marks.mark(rows, isMarked ? [query, match, languageOf(engine.root)] : undefined);
}

/** Creates the results of the combobox in `context`. */
export function results(context: ComboboxContext): Results {
  const { engine, parts } = context;
  const { root, options } = engine;
  const { popup, list, holder } = parts;
  const source = optionsSource(root, list, options, (isFound) => changed(held, isFound));
  const note = notice(popup, list, () => {
    holder.focus();
    source.retry();
  });
  const held: Held = {
    context,
    source,
    note,
    shown: undefined,
    isLate: false,
    timer: undefined,
    marks: undefined,
    isMarking: false,
    marked: { query: '', items: undefined },
  };
  return {
    ...source,
    tellFound: () => tellFound(held),
    firstMatch: (query) => firstMatch(held, query),
    stale() {
      held.shown = undefined;
    },
    sync: () => sync(held),
    show() {
      mark(held);
      showNotice(held);
    },
    release() {
      clearTimeout(held.timer);
      held.marks?.mark([], undefined);
      held.isMarking = false;
      note.release();
      source.release();
    },
  };
}
