// Everything is wired by the elements themselves; what is left is to say what is heard.
import 'elastic-shell/elements';
import type { Change } from 'elastic-shell';

/** The output beside an element says its state. */
document.addEventListener('shell-change', (event) => {
  const { detail, target } = event as CustomEvent<Change>;
  const said = target instanceof Element ? target.parentElement?.querySelector('output') : null;
  if (!said || (detail.name !== 'expanded' && detail.name !== 'selected')) return;
  said.textContent = detail.value instanceof Set ? [...detail.value].join() : String(detail.value);
});
