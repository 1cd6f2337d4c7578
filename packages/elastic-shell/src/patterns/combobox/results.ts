// The results of a combobox: what its list offers now, what may be added, and how fetching goes, shown and announced.
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

/** The key of the option that adds what was typed. */
export const addKey = 'shell-add';

/** Milliseconds before progress shows: what comes sooner would only flicker. */
const patience = 150;

/** What the list of one combobox offers. */
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
  /** What is offered is to be looked at again. */
  stale(): void;
  /** Brings the rows up to the state. */
  sync(): void;
  /** Shows what there is to say beside the rows. */
  show(): void;
  /** What is current once this is searched for. */
  firstMatch(query: string): string | undefined;
  /** Announces how many there are. */
  tellFound(): void;
  release(): void;
}

interface Held {
  context: ComboboxContext;
  source: OptionsSource;
  note: Notice;
  /** What the rows were last brought up to. */
  shown: string | undefined;
  /** Fetching takes long enough to be told. */
  isLate: boolean;
  timer: ReturnType<typeof setTimeout> | undefined;
  /** What marks, once it is there; it is on its way or there; what was last marked, among which options. */
  marks: Highlighter | undefined;
  isMarking: boolean;
  marked: { query: string; items: readonly Item[] | undefined };
}

/** The option that adds what was typed, where there is none of that name. */
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

/** How many there are, without the one that adds. */
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

/** What is selected may have another label now: the field says it. A label that nobody knows leaves the one that is there. */
function relabel({ context: { engine }, source }: Held): void {
  const { selected, text } = engine.state();
  const [key] = keysOf(selected);
  if (engine.options.multiple || key === undefined) return;
  const label = source.labelOf(key);
  if (label !== key && label !== text) engine.change({ text: label }, { reason: 'program' }, true);
}

/** The options, or the state of loading them, have changed. `isFound`: what was typed has been looked for, later than it was typed. */
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

/** Says beside the rows that nothing matches, that options are on their way, or that they did not come. */
function showNotice(held: Held): void {
  const { note, source, isLate } = held;
  const { engine, say } = held.context;
  const { open, query } = engine.state();
  const { isBusy, hasFailed, error } = source.state();
  if (hasFailed) note.show(say.failed(error), say.retry());
  else if (isBusy) note.show(isLate && !found(held) ? say.loading() : undefined);
  else note.show(found(held) || !open ? undefined : say.none(query));
}

/** Brings what marks, which is loaded when something is first searched for. */
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

/** Marks where what is typed stands in the rows: those of the markup once, those from data whenever others may be there. */
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

/** The results of the combobox that `context` has. */
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
