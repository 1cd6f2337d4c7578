// The grid of pennants, loaded when it is needed: a listbox of the pennants that the loft can sew.
import { wireListbox } from 'elastic-shell';
import type { NamedPennant } from 'quillhaven-data/types';
import { drawPennant, make } from './draw';

/** The pennants, the chosen one, and a function that is called with another choice. */
export interface Choice {
  pennants: readonly NamedPennant[];
  chosen: string;
  choose(pennant: NamedPennant): void;
}

export const drawPennants =
  ({ pennants, chosen, choose }: Choice) =>
  (place: HTMLElement): (() => void) => {
    const list = make(
      'div',
      { role: 'listbox', 'aria-labelledby': 'pennants-title', class: 'choices' },
      ...pennants.map((pennant) =>
        make(
          'div',
          { role: 'option', 'data-key': pennant.id, 'aria-label': pennant.name, title: pennant.name },
          drawPennant(pennant),
        ),
      ),
    );
    place.append(list);
    const listbox = wireListbox(list, {
      layout: 'grid',
      activation: 'manual',
      selected: chosen,
      onChange({ name, value }) {
        const pennant = name === 'selected' && pennants.find(({ id }) => id === value);
        if (pennant) choose(pennant);
      },
    });
    return () => {
      listbox.unwire();
      list.remove();
    };
  };
