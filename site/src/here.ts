// The sections of the page, behind a button. The popover is wired when the user approaches its button; until
// then the platform opens it.

/** Wires the popover once the pointer or focus is on its button. */
export function wireHere(): void {
  const root = document.getElementById('site-here');
  const opener = document.querySelector('.here-opener button');
  if (!root || !opener) return;
  let isWired = false;
  const wire = (): void => {
    if (isWired) return;
    isWired = true;
    void import('elastic-shell/popover').then(({ wirePopover }) =>
      wirePopover(root, { area: 'block-end span-inline-end' }),
    );
  };
  opener.addEventListener('pointerenter', wire);
  opener.addEventListener('focus', wire);
}
