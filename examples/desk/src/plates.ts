// The survey plates: a carousel of drawings, and the sign-off under them.
import { wireCarousel, wireDialog } from 'elastic-shell';

const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

/** `told` is called with the text of the status. */
export function wirePlates(told: (words: string) => void): void {
  wireCarousel(find('#plates'), { wrap: false });
  wireDialog(find('#sign-off'), {
    onChange({ value, result }) {
      if (!value && result === 'signed') told('The survey is signed off.');
    },
  });
}
