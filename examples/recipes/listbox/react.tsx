import { useListbox } from 'elastic-shell/react';
import { useId, useState } from 'react';

const rigs = [
  { key: 'cutter', label: 'Cutter' },
  { key: 'ketch', label: 'Ketch' },
  { key: 'sloop', label: 'Sloop' },
  { key: 'yawl', label: 'Yawl', disabled: true },
];

/** A list to choose from that stays on the page. It takes part in a form under the name "rig". */
export function RigList() {
  const id = useId();
  const [rig, setRig] = useState<string | undefined>();
  const list = useListbox({ name: 'rig', items: rigs, selected: [rig, setRig] });
  return (
    <form>
      <p id={id}>Rig</p>
      <div {...list.root} aria-labelledby={id} />
      <output>{rig}</output>
    </form>
  );
}
