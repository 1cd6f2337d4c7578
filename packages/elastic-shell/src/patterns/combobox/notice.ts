// The notice in the list of a combobox: that nothing matches, that options are fetched, or that they did not come.

import { markMade } from '../../engine/made.js';

/** The notice in one list. */
export interface Notice {
  /** Shows `text`, with a button when `retry` is given; nothing for no text. */
  show(text: string | undefined, retry?: string): void;
  release(): void;
}

/** A notice after the list, or in it where that is the popup itself; `again` hears its button. */
export function notice(popup: HTMLElement, list: HTMLElement, again: () => void): Notice {
  const document = popup.ownerDocument;
  let place: HTMLElement | undefined;
  let now = '';
  return {
    show(text, retry) {
      const next = text === undefined ? '' : `${text} ${retry ?? ''}`;
      if (next === now) return;
      now = next;
      place?.remove();
      place = undefined;
      if (text === undefined) return;
      place = markMade(document.createElement('div'));
      place.setAttribute('data-notice', '');
      const words = document.createElement('p');
      words.textContent = text;
      place.append(words);
      if (retry) {
        const button = document.createElement('button');
        button.type = 'button';
        button.textContent = retry;
        button.addEventListener('click', again);
        place.append(button);
      }
      if (popup === list) list.append(place);
      else list.after(place);
    },
    release: () => place?.remove(),
  };
}
