// The search of the site: an index of all pages in a combobox of the library.
import type MiniSearch from 'minisearch';
import { wireCombobox } from 'elastic-shell/combobox';
import { find, type Indexed, indexOf } from './find';

const root = new URL(document.documentElement.dataset['root'] ?? './', location.href);

async function load(): Promise<MiniSearch<Indexed>> {
  const response = await fetch(new URL('search.json', root));
  if (!response.ok) throw new Error('The search index could not be loaded.');
  return indexOf(await response.json());
}

/** Wires the search field in its dialog. */
export function wireSearchField(dialog: HTMLElement): void {
  const box = dialog.querySelector<HTMLElement>('#site-search-box');
  if (!box) return;
  let index: Promise<MiniSearch<Indexed>> | undefined;
  wireCombobox(box, {
    debounce: 60,
    async items(query) {
      if (!query.trim()) return [];
      return find(await (index ??= load()), query)
        .slice(0, 30)
        .map(({ route, title, says }) => ({ key: route || './', label: title, description: says }));
    },
    // The index has already matched the query.
    match: () => true,
    messages: { none: () => 'Nothing has these words. Try fewer or other words.' },
    onChange({ name, value }) {
      if (name === 'selected' && typeof value === 'string') location.href = new URL(value, root).href;
    },
  });
}
