import { useTabs } from 'elastic-shell/react';
import { useState } from 'react';

const sheets = [
  { key: 'overview', title: 'Overview', text: 'Curlew, a cutter of 9.4 metres, lies in berth four.' },
  { key: 'work', title: 'Work', text: 'Two orders are open: a rudder, and the windows.' },
  { key: 'papers', title: 'Papers', text: 'The survey of last spring, and the bill of sale.' },
];

/** The record of a boat in tabs. Arrow keys move between the tabs, and each tab names its panel. */
export function BoatRecord() {
  const [sheet, setSheet] = useState<string | undefined>('overview');
  const tabs = useTabs({ selected: [sheet, setSheet] });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Boat record">
        {sheets.map(({ key, title }) => (
          <button key={key} {...tabs.tab(key)}>
            {title}
          </button>
        ))}
      </div>
      {sheets.map(({ key, text }) => (
        <div key={key} {...tabs.panel(key)}>
          <p>{text}</p>
        </div>
      ))}
    </div>
  );
}
