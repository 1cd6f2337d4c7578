// The search: all pages and their parts, indexed in the page, in a combobox of the library's own.
import MiniSearch from 'minisearch';
import { wireCombobox } from 'elastic-shell/combobox';

interface Found {
  id: number;
  route: string;
  title: string;
  says: string;
  words: string;
}

const root = new URL(document.documentElement.dataset['root'] ?? './', location.href);

async function load(): Promise<MiniSearch<Found>> {
  const response = await fetch(new URL('search.json', root));
  if (!response.ok) throw new Error('The index of the search could not be loaded.');
  const index = new MiniSearch<Found>({
    fields: ['title', 'words'],
    storeFields: ['route', 'title', 'says'],
    searchOptions: {
      boost: { title: 4 },
      prefix: true,
      fuzzy: 0.15,
      combineWith: 'AND',
      // Types and functions after what explains them.
      boostDocument: (_, __, stored) => (String(stored?.['route']).startsWith('reference/') ? 0.3 : 1),
    },
  });
  const all: Found[] = await response.json();
  index.addAll(all);
  return index;
}

/** Wires the field of the search in its dialog. */
export function wireSearchField(dialog: HTMLElement): void {
  const box = dialog.querySelector<HTMLElement>('#site-search-box');
  if (!box) return;
  let index: Promise<MiniSearch<Found>> | undefined;
  wireCombobox(box, {
    debounce: 60,
    async items(query) {
      if (!query.trim()) return [];
      const found = (await (index ??= load())).search(query).slice(0, 30);
      return found.map(({ route, title, says }) => ({
        key: String(route) || './',
        label: String(title),
        description: String(says),
      }));
    },
    // The index has matched already, by other rules.
    match: () => true,
    messages: { none: () => 'Nothing has these words. Try fewer, or others.' },
    onChange({ name, value }) {
      if (name === 'selected' && typeof value === 'string') location.href = new URL(value, root).href;
    },
  });
}
