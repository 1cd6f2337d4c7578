// Everything is wired by the elements themselves; what is left is to give what markup cannot say, and to say what is heard.
import './given.ts';
import './owners.ts';
import 'elastic-shell/elements';
import type { Change } from 'elastic-shell';

/** The output beside an element says its state. */
document.addEventListener('shell-change', (event) => {
  const { detail, target } = event as CustomEvent<Change>;
  const said = target instanceof Element ? target.parentElement?.querySelector('output') : null;
  // Those of owners say what their owner holds.
  if (!said || said.closest('[data-case]') || (detail.name !== 'expanded' && detail.name !== 'selected'))
    return;
  said.textContent = detail.value instanceof Set ? [...detail.value].join() : String(detail.value);
});

/** A checkbox of the page's own: it turns over. */
document.querySelector('#toolbar [role=checkbox]')?.addEventListener('click', ({ currentTarget }) => {
  const box = currentTarget as Element;
  box.ariaChecked = String(box.ariaChecked !== 'true');
});
