import { useCombobox } from 'elastic-shell/react';
import { useState } from 'react';

const trades = [
  { key: 'shipwright', label: 'Shipwright', group: 'Wood' },
  { key: 'joiner', label: 'Joiner', group: 'Wood' },
  { key: 'rigger', label: 'Rigger', group: 'Rope and canvas' },
  { key: 'sailmaker', label: 'Sailmaker', group: 'Rope and canvas' },
];

/** A multiple selection with groups. Selected options are tokens before the field, which can be removed. */
export function TradesField() {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const combobox = useCombobox({
    multiple: true,
    limit: 3,
    name: 'trades',
    items: trades,
    selected: [chosen, setChosen],
  });
  return (
    <>
      <div {...combobox.root}>
        <label {...combobox.label}>Trades</label>
        <div {...combobox.box}>
          <input {...combobox.field} />
        </div>
        <div {...combobox.popup}>
          <div {...combobox.list} />
        </div>
      </div>
      <output>{[...chosen].join(', ')}</output>
    </>
  );
}
