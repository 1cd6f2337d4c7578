import { Content, useTabs } from 'elastic-shell/react';
import { useState } from 'react';

const all = [
  { key: 'overview', title: 'Overview', text: 'A cutter of 9.4 metres, in berth four.' },
  { key: 'work', title: 'Work', text: 'Two orders are open.', isClosable: true },
  { key: 'papers', title: 'Papers' },
];

/** Closable tabs. The address contains the selected tab, and the last panel loads when it is selected. */
export function BoatSheets() {
  const [sheets, setSheets] = useState(all);
  const tabs = useTabs({
    address: true,
    onChange: ({ name, value }) => {
      if (name === 'closed') setSheets((now) => now.filter(({ key }) => !value.has(key)));
    },
    async content(signal, key) {
      if (key !== 'papers') return undefined;
      const response = await fetch('/yard/papers', { signal });
      if (!response.ok) throw new Error('The papers could not be fetched.');
      return response.text();
    },
  });
  return (
    <div {...tabs.root}>
      <div {...tabs.list} aria-label="Sheets of Curlew">
        {sheets.map(({ key, title, isClosable }) => (
          <button key={key} {...tabs.tab(key)} {...(isClosable && { 'data-closable': '' })}>
            {title} {isClosable && <span {...tabs.closer}>×</span>}
          </button>
        ))}
      </div>
      {sheets.map(({ key, text }) => (
        <div key={key} {...tabs.panel(key)}>
          {text && <p>{text}</p>}
        </div>
      ))}
      <Content<string> of={tabs}>{(papers) => <p>{papers}</p>}</Content>
    </div>
  );
}
