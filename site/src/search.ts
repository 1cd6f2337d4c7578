// The search: all pages and their parts, indexed in the page, in a combobox of the library's own within its dialog.
import MiniSearch from 'minisearch';
import { wireCombobox } from 'elastic-shell/combobox';
import { wireDialog } from 'elastic-shell/dialog';

interface Found {
  id: number;
  route: string;
  title: string;
  words: string;
}

const root = new URL(document.documentElement.dataset['root'] ?? './', location.href);

async function load(): Promise<MiniSearch<Found>> {
  const response = await fetch(new URL('search.json', root));
  if (!response.ok) throw new Error('The index of the search could not be loaded.');
  const index = new MiniSearch<Found>({
    fields: ['title', 'words'],
    storeFields: ['route', 'title', 'words'],
    searchOptions: { boost: { title: 4 }, prefix: true, fuzzy: 0.15, combineWith: 'AND' },
  });
  index.addAll((await response.json()) as Found[]);
  return index;
}

const markup = (): DocumentFragment => {
  const make = <K extends keyof HTMLElementTagNameMap>(
    tag: K,
    attributes: Record<string, string>,
    ...within: (Node | string)[]
  ): HTMLElementTagNameMap[K] => {
    const made = document.createElement(tag);
    for (const [name, value] of Object.entries(attributes)) made.setAttribute(name, value);
    made.append(...within);
    return made;
  };
  const all = document.createDocumentFragment();
  all.append(
    make(
      'header',
      {},
      make('h2', {}, 'Search'),
      make('button', { type: 'button', commandfor: 'search', command: 'close', 'aria-label': 'Close' }, '×'),
    ),
    make(
      'div',
      { class: 'search-body' },
      make(
        'div',
        { id: 'search-box' },
        make('label', { for: 'search-text' }, 'What are you looking for?'),
        make(
          'div',
          { 'data-box': '' },
          make('input', { id: 'search-text', role: 'combobox', autofocus: '', spellcheck: 'false' }),
        ),
        make('div', { popover: 'manual' }, make('div', { role: 'listbox', 'aria-label': 'Found' })),
      ),
      make('p', { class: 'soft' }, 'Arrow keys choose, Enter goes there, Escape closes.'),
    ),
  );
  return all;
};

/** Puts the search into its dialog; answers what shows it. */
export function searchIn(dialog: HTMLElement): { show(): void } {
  dialog.append(markup());
  let index: Promise<MiniSearch<Found>> | undefined;
  wireCombobox(dialog.querySelector<HTMLElement>('#search-box')!, {
    debounce: 60,
    async items(query) {
      if (!query.trim()) return [];
      const found = (await (index ??= load())).search(query).slice(0, 30);
      return found.map(({ route, title, words }) => ({
        key: String(route) || './',
        label: String(title),
        description: String(words).slice(0, 90),
      }));
    },
    match: () => true,
    messages: { none: () => 'Nothing has these words. Try fewer, or others.' },
    onChange(change) {
      if (change.name === 'selected' && typeof change.value === 'string')
        location.href = new URL(change.value, root).href;
    },
  });
  const wired = wireDialog(dialog, { size: 'medium' });
  return { show: () => void wired.show() };
}
