import { Rows, useCombobox } from 'elastic-shell/react';
import { useState } from 'react';

type Berth = { key: string; label: string; description: string; colour: string };

const berths: readonly Berth[] = [
  { key: 'quay', label: 'Old quay', description: 'dries at springs', colour: '#7a9e7e' },
  { key: 'mole', label: 'Mole', description: '2.1 metres at low water', colour: '#5b7f95' },
  { key: 'slip', label: 'Great slip', description: 'taken until Friday', colour: '#b08968' },
];

/** A combobox whose options have an icon and a description. */
export function BerthPicker() {
  const [berth, setBerth] = useState<string | undefined>();
  const combobox = useCombobox<Berth>({
    items: berths,
    match: 'starts-with',
    name: 'berth',
    selected: [berth, setBerth],
  });
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Berth</label>
      <div {...combobox.box}>
        <input {...combobox.field} />
      </div>
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <Rows of={combobox}>
        {({ label, description, colour }) => (
          <span>
            <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
              <rect width="16" height="16" rx="3" fill={colour} />
            </svg>{' '}
            <span data-label>{label}</span> <small data-description>{description}</small>
          </span>
        )}
      </Rows>
    </div>
  );
}
