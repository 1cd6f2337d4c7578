import { useCombobox } from 'elastic-shell/react';
import { useState } from 'react';

const berths = [
  { key: 'quay', label: 'Quay' },
  { key: 'slip', label: 'Slip' },
  { key: 'mole', label: 'Mole' },
  { key: 'mooring', label: 'Mooring' },
];

/** A combobox. A form submits its value under the name "berth". */
export function BerthField() {
  const [berth, setBerth] = useState<string | undefined>();
  const combobox = useCombobox({ name: 'berth', items: berths, selected: [berth, setBerth] });
  return (
    <form>
      <div {...combobox.root}>
        <label {...combobox.label}>Berth</label>
        <div {...combobox.box}>
          <input {...combobox.field} />
          <button {...combobox.toggler} aria-label="Show berths">
            <span data-marker aria-hidden="true" />
          </button>
        </div>
        <div {...combobox.popup}>
          <div {...combobox.list} />
        </div>
      </div>
      <output>{berth}</output>
    </form>
  );
}
