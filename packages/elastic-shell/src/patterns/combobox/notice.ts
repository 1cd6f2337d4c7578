// The notice in the list of a combobox: no match, loading, or failed.

import { markMade } from '../../engine/made.js';

/** The notice of one list. */
export interface Notice {
  /** Shows `text`, with a button if `retry` is given. An empty text removes the notice. */
  show(text: string | undefined, retry?: string): void;
  release(): void;
}

/**
 * Creates a notice after the list, or in it if the list is itself the popup. `again` is called when its
 * button is clicked.
 */
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
