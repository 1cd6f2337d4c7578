import { createListbox } from 'elastic-shell/solid';
import { createSignal, createUniqueId } from 'solid-js';

const rigs = [
  { key: 'cutter', label: 'Cutter' },
  { key: 'ketch', label: 'Ketch' },
  { key: 'sloop', label: 'Sloop' },
  { key: 'yawl', label: 'Yawl', disabled: true },
];

/** A listbox. A form submits its value under the name "rig". */
export function RigList() {
  const id = createUniqueId();
  const [rig, setRig] = createSignal<string | undefined>();
  const list = createListbox({ name: 'rig', items: rigs, selected: [rig, setRig] });
  return (
    <form>
      <p id={id}>Rig</p>
      <div {...list.root} aria-labelledby={id} />
      <output>{rig()}</output>
    </form>
  );
}
