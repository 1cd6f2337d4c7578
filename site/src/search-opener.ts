// Opens the search with its button or with `/`. The field is there at once. The search itself loads when it
// is first opened, and uses the text that was typed meanwhile.
import { wireDialog } from 'elastic-shell/dialog';

/** Wires the dialog of the search, shows its button and handles the key. */
export function wireSearch(): void {
  const root = document.getElementById('site-search');
  const button = document.querySelector<HTMLElement>('.find');
  if (!root || !button) return;
  button.hidden = false;
  let isAsked = false;
  const dialog = wireDialog(root, {
    onChange({ value }) {
      if (!value || isAsked) return;
      isAsked = true;
      void import('./search').then(({ wireSearchField }) => wireSearchField(root));
    },
  });
  document.addEventListener('keydown', (event) => {
    const typesIn = 'input, textarea, select, [contenteditable]';
    const isTyping = event.target instanceof Element && event.target.closest(typesIn);
    if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || isTyping) return;
    event.preventDefault();
    void dialog.show();
  });
}
