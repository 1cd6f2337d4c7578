// The grid of pennants, loaded only when somebody reaches for it: draws what the loft can sew, one button each.
import type { NamedPennant } from 'quillhaven-data/types';
import { drawPennant, make } from './draw';

/** What to draw, which one is chosen, and who hears of another choice. */
export interface Choice {
  pennants: readonly NamedPennant[];
  chosen: string;
  choose(pennant: NamedPennant): void;
}

export const drawPennants =
  ({ pennants, chosen, choose }: Choice) =>
  (place: HTMLElement): void => {
    for (const pennant of pennants) {
      const { id, name } = pennant;
      const button = make(
        'button',
        {
          type: 'button',
          'data-pennant': id,
          'aria-pressed': `${id === chosen}`,
          'aria-label': name,
          title: name,
        },
        drawPennant(pennant),
      );
      button.addEventListener('click', () => choose(pennant));
      place.append(button);
    }
  };
