import { Content, createTabs } from 'elastic-shell/solid';
import { createSignal, For, Show } from 'solid-js';

const all = [
  { key: 'overview', title: 'Overview', text: 'A cutter of 9.4 metres, in berth four.' },
  { key: 'work', title: 'Work', text: 'Two orders are open.', isClosable: true },
  { key: 'papers', title: 'Papers' },
];

/** Closable tabs. The address contains the selected tab, and the last panel loads when it is selected. */
export function BoatSheets() {
  const [sheets, setSheets] = createSignal(all);
  const tabs = createTabs({
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
        <For each={sheets()}>
          {({ key, title, isClosable }) => (
            <button {...tabs.tab(key)} {...(isClosable && { 'data-closable': '' })}>
              {title}{' '}
              <Show when={isClosable}>
                <span {...tabs.closer}>×</span>
              </Show>
            </button>
          )}
        </For>
      </div>
      <For each={sheets()}>
        {({ key, text }) => (
          <div {...tabs.panel(key)}>
            <Show when={text}>
              <p>{text}</p>
            </Show>
          </div>
        )}
      </For>
      <Content<string> of={tabs}>{(papers) => <p>{papers}</p>}</Content>
    </div>
  );
}
