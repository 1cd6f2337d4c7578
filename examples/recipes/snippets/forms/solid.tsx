// What docs/guides/forms.md shows.
import { createListbox } from 'elastic-shell/solid';

export function RigForm() {
  const rig = createListbox({ name: 'rig', selected: 'gaff' });
  return (
    <form action="/boats">
      <div {...rig.root} aria-label="Rig">
        <div {...rig.option('gaff')}>Gaff</div>
        <div {...rig.option('lug')}>Lug</div>
      </div>
      <button>Save</button>
    </form>
  );
}
