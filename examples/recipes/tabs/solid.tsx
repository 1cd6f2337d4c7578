import { createTabs } from 'elastic-shell/solid';
import { createSignal, For } from 'solid-js';

const sheets = [
  { key: 'overview', title: 'Overview', text: 'Curlew, a cutter of 9.4 metres, lies in berth four.' },
  { key: 'work', title: 'Work', text: 'Two orders are open: a rudder, and the windows.' },
  { key: 'papers', title: 'Papers', text: 'The survey of last spring, and the bill of sale.' },
];

/** The record of a boat in tabs. Arrow keys move between the tabs, and each tab names its panel. */
export function BoatRecord() {
  const [sheet, setSheet] = createSignal<string | undefined>('overview');
  const tabs = createTabs({ selected: [sheet, setSheet] });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Boat record">
        <For each={sheets}>{({ key, title }) => <button {...tabs.tab(key)}>{title}</button>}</For>
      </div>
      <For each={sheets}>
        {({ key, text }) => (
          <div {...tabs.panel(key)}>
            <p>{text}</p>
          </div>
        )}
      </For>
    </div>
  );
}
