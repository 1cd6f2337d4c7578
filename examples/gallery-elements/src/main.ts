// The elements wire everything themselves. This script sets data and functions, and shows what their events
// report.
import './given.ts';
import './owners.ts';
import 'elastic-shell/elements';
import type { Change } from 'elastic-shell';

/** The output beside an element shows its state. */
document.addEventListener('shell-change', (event) => {
  const { detail, target } = event as CustomEvent<Change>;
  const said = target instanceof Element ? target.parentElement?.querySelector('output') : null;
  // The outputs of controlled elements show the state of their owner.
  if (!said || said.closest('[data-case]') || (detail.name !== 'expanded' && detail.name !== 'selected'))
    return;
  said.textContent = detail.value instanceof Set ? [...detail.value].join() : String(detail.value);
});

/** A checkbox of the page itself, which is toggled here. */
document.querySelector('#toolbar [role=checkbox]')?.addEventListener('click', ({ currentTarget }) => {
  const box = currentTarget as Element;
  box.ariaChecked = String(box.ariaChecked !== 'true');
});
