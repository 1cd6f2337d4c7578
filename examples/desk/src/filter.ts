// The filter: a drawer beside the list, which stays usable.
import { wireDrawer } from 'elastic-shell';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;

/** Wires it. `filtered` is called with the number of visible orders. Returns a function that applies the filter again. */
export function wireFilter(filtered: (shown: number) => void): () => void {
  wireDrawer(find('#filter'), { edge: 'inline-end', modal: false });

  const form = find<HTMLFormElement>('#filter-form');
  const apply = (): void => {
    const data = new FormData(form);
    const states = data.getAll('state');
    const boat = `${data.get('boat')}`.trim().toLocaleLowerCase();
    let shown = 0;
    for (const row of document.querySelectorAll<HTMLElement>('.order')) {
      const name = row.querySelector('[data-field=boat]')!.textContent.toLocaleLowerCase();
      const state = row.querySelector<HTMLElement>('[data-field=state]')!.dataset['state']!;
      row.hidden = !states.includes(state) || !name.includes(boat);
      if (!row.hidden) shown++;
    }
    filtered(shown);
  };
  form.addEventListener('input', apply);
  form.addEventListener('reset', () => setTimeout(apply));
  form.addEventListener('submit', (event) => event.preventDefault());
  return apply;
}
