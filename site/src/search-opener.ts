// Opens the search by its button and by `/`; the search itself comes when it is first wanted.

/** Shows the button and hears the key. */
export function wireSearch(): void {
  const dialog = document.getElementById('search');
  const button = document.querySelector<HTMLElement>('.find');
  if (!dialog || !button) return;
  button.hidden = false;
  let opened: Promise<{ show(): void }> | undefined;
  const open = (): void => {
    opened ??= import('./search').then(({ searchIn }) => searchIn(dialog));
    void opened.then((search) => search.show());
  };
  button.removeAttribute('commandfor');
  button.removeAttribute('command');
  button.addEventListener('click', open);
  document.addEventListener('keydown', (event) => {
    const isTyping =
      event.target instanceof Element && event.target.closest('input, textarea, select, [contenteditable]');
    if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || isTyping) return;
    event.preventDefault();
    open();
  });
}
