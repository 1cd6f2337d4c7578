// The view of what happened: changes, refusals and pending changes, the latest first, each in a sentence with
// its causes.
import { isCell } from '../../engine/dom.js';
import { wiredOf } from '../../engine/registry.js';

import { button, fill, make } from '../make.js';
import { type ChangeHappening, type Happening, record } from '../record.js';
import { duration, type Told, tellHappening, tellPending } from '../sentences.js';
import type { Context, View } from '../view.js';
import { keyOfRoot, rootOfKey, titleOf } from '../wired.js';

/** How many are shown at first. */
const page = 100;

/** Requests a value for a state, as code on the page would. Its guard is called. */
function setState({ root, change }: ChangeHappening, value: unknown): void {
  const wired = wiredOf(root);
  const cell: unknown = wired && Reflect.get(wired, change.name);
  if (isCell(cell)) cell.set(value);
}

const isOfRoot = (happening: { root: Element }, root: HTMLElement | undefined): boolean =>
  !root || happening.root === root;

/** Returns the entry for something that happened. */
function entryOf(happening: Happening, told: Told, context: Context): HTMLLIElement {
  const { root } = happening;
  const isBad = happening.kind === 'refused' || happening.kind === 'message' || happening.kind === 'busy';
  const isChange = happening.kind === 'change';
  return make(
    'li',
    { 'data-kind': happening.kind },
    make(
      'div',
      { class: 'row' },
      make('span', { class: 'soft' }, `at ${duration(happening.at)} ·`),
      button(told.who, () => context.point(root), { class: 'quiet' }),
    ),
    make('p', { class: isBad ? 'bad' : undefined }, told.sentence),
    ...told.facts.map((fact) => make('p', { class: 'facts' }, fact)),
    isChange &&
      make(
        'div',
        { class: 'row' },
        button('Undo', () => setState(happening, happening.change.previous), {
          'aria-label': `Undo: ${told.sentence}`,
        }),
        button('Repeat', () => setState(happening, happening.change.value), {
          'aria-label': `Repeat: ${told.sentence}`,
        }),
      ),
  );
}

/** Returns what has happened as text, for a bug report. */
function textOf(happenings: readonly Happening[]): string {
  const all = record.all();
  return happenings
    .map((happening) => {
      const { who, sentence, facts } = tellHappening(happening, all);
      return [
        `${Math.round(happening.at)} ms  ${who}: ${sentence}`,
        ...facts.map((fact) => `    ${fact}`),
      ].join('\n');
    })
    .join('\n');
}

/** Copies a text to the clipboard, or into a field to copy it from if that is not allowed. */
async function copy(text: string, out: HTMLTextAreaElement, said: HTMLElement): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    said.textContent = 'Copied.';
  } catch {
    out.hidden = false;
    out.value = text;
    out.select();
    said.textContent = 'The page can’t write to the clipboard. Copy the text from here.';
  }
}

/** Which root is shown, and how. */
interface Held {
  root: HTMLElement | undefined;
  shown(): readonly Happening[];
  refresh(): void;
}

/** The controls above the list. */
function controls(held: Held) {
  const select = make('select', {
    'aria-label': 'Show',
    change: () => {
      held.root = rootOfKey(select.value);
      held.refresh();
    },
  });
  const out = make('textarea', { hidden: true, 'aria-label': 'What has happened, as text', readonly: true });
  const said = make('span', { role: 'status', class: 'soft' });
  const bar = make(
    'div',
    { class: 'row' },
    select,
    button('Copy as text', () => void copy(textOf(held.shown()), out, said)),
    button('Clear', () => record.clear()),
    said,
  );
  const offer = (): void => {
    const roots = new Set([...record.all().map(({ root }) => root), ...(held.root ? [held.root] : [])]);
    const options = [...roots].flatMap((root) =>
      root.isConnected ? [[keyOfRoot(root), titleOf(root)] as const] : [],
    );
    const said = options.map((each) => each.join(' ')).join('\n');
    if (select.dataset['said'] !== said)
      fill(
        select,
        [
          make('option', { value: '' }, 'Everything'),
          ...options.map(([value, word]) => make('option', { value }, word)),
        ],
        said,
      );
    select.value = held.root ? keyOfRoot(held.root) : '';
  };
  return { bar, out, offer };
}

/** Creates the view. */
export function happenedView(context: Context): View & { only(root: HTMLElement): void } {
  let most = page;
  const list = make('ol', { 'aria-label': 'What happened, the latest first' });
  const waits = make('div', {});
  const more = button('Show older', () => {
    most += page;
    refresh();
  });
  const held: Held = {
    root: undefined,
    shown: () => record.all().filter((each) => isOfRoot(each, held.root)),
    refresh: () => refresh(),
  };
  const { bar, out, offer } = controls(held);
  const made = new Map<number, HTMLLIElement>();
  function refresh(): void {
    offer();
    const all = record.all();
    const shown = held.shown();
    const now = shown.slice(-most).reverse();
    const entries = now.map((happening) => {
      const known = made.get(happening.id) ?? entryOf(happening, tellHappening(happening, all), context);
      made.set(happening.id, known);
      return known;
    });
    for (const id of made.keys()) if (!now.some((each) => each.id === id)) made.delete(id);
    if (entries.length !== list.children.length || entries.some((entry, at) => list.children[at] !== entry))
      list.replaceChildren(...entries);
    if (!entries.length) list.replaceChildren(make('li', { class: 'soft' }, 'Nothing has happened yet.'));
    more.hidden = shown.length <= most;
    const pending = record.pending().filter((each) => isOfRoot(each, held.root));
    fill(
      waits,
      pending.map((each) => make('p', { class: 'said' }, tellPending(each, performance.now()))),
    );
  }
  return {
    key: 'happened',
    title: 'Happened',
    element: make('div', {}, bar, out, waits, list, more),
    refresh,
    only(root) {
      held.root = root;
      refresh();
    },
  };
}
