// What the list of a combobox offers now: what matches, what may be added, and how fetching goes, shown and announced.
import { indexOf, type Item } from '../../core/collection/items.js';
import { matcher } from '../../core/collection/match.js';
import { move } from '../../core/collection/movement.js';
import type { ComboboxState } from '../../core/contract/combobox.js';
import { type Announcer, languageOf } from '../../announce/announce.js';
import type { Engine } from '../../engine/engine.js';
import { highlighter } from '../../list/highlight.js';
import { type Choices, choices } from './options-source.js';
import { notice } from './notice.js';
import type { RunOptions } from './types.js';
import type { ComboboxParts } from './parts.js';
import type { english } from './words.js';

/** The key of the option that adds what was typed. */
export const addKey = 'shell-add';

/** Milliseconds before progress shows: what comes sooner would only flicker. */
const patience = 150;

export interface Offer extends Omit<Choices, 'show' | 'retry' | 'all'> {
  /** What is offered is to be looked at again. */
  stale(): void;
  /** Brings the rows up to the state; shows what there is to say beside them. */
  show(): void;
  /** What is current once this is searched for. */
  firstMatch(query: string): string | undefined;
  /** Announces how many there are. */
  tellFound(): void;
}

export function offer(
  engine: Engine<ComboboxState, RunOptions>,
  options: RunOptions,
  { holder, list, popup }: ComboboxParts,
  say: typeof english,
  announce: Announcer,
): Offer {
  const { root } = engine;
  const marks = highlighter(root.ownerDocument);
  let shown: string | undefined;
  let isLate = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const note = notice(popup, list, () => {
    holder.focus();
    source.retry();
  });

  /** The option that adds what was typed, where there is none of that name. */
  const extra = (query: string): Item | undefined => {
    const typed = query.trim();
    if (!options.create || !typed || source.state().isBusy) return undefined;
    const exists = source.all().some(({ label }) => label?.toLowerCase() === typed.toLowerCase());
    return exists ? undefined : { key: addKey, label: say.add(typed) };
  };
  const sync = (): void => {
    const { query } = engine.state();
    const now = `${source.state().isBusy} ${query}`;
    if (now === shown) return;
    shown = now;
    source.show(query, extra(query));
  };
  const found = (): number => {
    const items = source.rows.items();
    return items.length - (items.at(-1)?.key === addKey ? 1 : 0);
  };
  const tellFound = (): void => {
    const { query } = engine.state();
    if (!query || source.state().isBusy) return;
    if (found()) announce.count(found());
    else announce.say(say.none(query));
  };
  const firstMatch = (query: string): string | undefined => {
    sync();
    const items = source.rows.items();
    const { current } = engine.state();
    if (!query) return indexOf(items, current) < 0 ? undefined : current;
    return options.freeText ? undefined : move(items, undefined, 'first');
  };
  const source = choices(root, list, options, () => {
    shown = undefined;
    sync();
    const { open, query, current } = engine.state();
    const { isBusy, hasFailed, error } = source.state();
    clearTimeout(timer);
    isLate = false;
    if (isBusy)
      timer = setTimeout(() => {
        isLate = true;
        announce.say(say.loading());
        engine.render();
      }, patience);
    else if (open) {
      if (indexOf(source.rows.items(), current) < 0)
        engine.change({ current: firstMatch(query) }, { reason: 'native' }, true);
      if (hasFailed) announce.say(say.failed(error));
      else tellFound();
    }
    engine.render();
  });
  return {
    ...source,
    tellFound,
    firstMatch,
    stale() {
      shown = undefined;
    },
    show() {
      sync();
      const { open, query } = engine.state();
      const { isBusy, hasFailed, error } = source.state();
      const isMarked = open && query && typeof options.match !== 'function';
      marks.mark(
        [...source.rows.shown()].filter(([{ key }]) => key !== addKey),
        isMarked ? matcher(query, options.match as 'contains', languageOf(root)) : undefined,
      );
      if (hasFailed) note.show(say.failed(error), say.retry());
      else if (isBusy) note.show(isLate && !found() ? say.loading() : undefined);
      else note.show(found() || !open ? undefined : say.none(query));
    },
    release() {
      clearTimeout(timer);
      marks.mark([], undefined);
      note.release();
      source.release();
    },
  };
}
