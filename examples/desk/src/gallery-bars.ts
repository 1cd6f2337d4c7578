// The gallery's toolbars and menubars, marked with data-wire.
import { wireMenubar, wireToolbar } from './gallery-wired';

for (const root of document.querySelectorAll<HTMLElement>('[data-wire=toolbar]'))
  wireToolbar(root, { overflow: 'overflow' in root.dataset });
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=menubar]')) wireMenubar(root);

/** A checkbox and toggle buttons of the page itself. */
document.addEventListener('click', ({ target }) => {
  const button = target instanceof Element ? target.closest('[role=toolbar] button') : null;
  if (!button) return;
  if (button.ariaChecked) button.ariaChecked = String(button.ariaChecked !== 'true');
  if (button.ariaPressed) button.ariaPressed = String(button.ariaPressed !== 'true');
  const said = document.querySelector('#log-said');
  if (said && button.closest('#log-tools') && !button.matches('[data-more]'))
    said.textContent = button.textContent;
});
