import { useListbox } from 'elastic-shell/react';
import { useId, useState } from 'react';

const rigs = [
  { key: 'cutter', label: 'Cutter' },
  { key: 'ketch', label: 'Ketch' },
  { key: 'sloop', label: 'Sloop' },
  { key: 'yawl', label: 'Yawl', disabled: true },
];

/** A listbox. A form submits its value under the name "rig". */
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
