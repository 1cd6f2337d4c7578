// What docs/guides/forms.md shows.
import { useListbox } from 'elastic-shell/react';

export function RigForm() {
  const rig = useListbox({ name: 'rig', selected: 'gaff' });
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
