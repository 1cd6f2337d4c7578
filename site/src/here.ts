// What is on the page, behind a button: the popover is wired when somebody comes near its button. Until then the platform opens it.

/** Wires the popover once its button is pointed at or has focus. */
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
