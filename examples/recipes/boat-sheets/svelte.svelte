<script lang="ts">
  // Closable tabs. The address contains the selected tab, and the last panel loads when it is selected.
  import { Content, useTabs } from 'elastic-shell/svelte';

  let sheets = $state([
    { key: 'overview', title: 'Overview', text: 'A cutter of 9.4 metres, in berth four.' },
    { key: 'work', title: 'Work', text: 'Two orders are open.', isClosable: true },
    { key: 'papers', title: 'Papers' },
  ]);
  const tabs = useTabs({
    address: true,
    onChange(change) {
      if (change.name === 'closed') sheets = sheets.filter(({ key }) => !change.value.has(key));
    },
    async content(signal, key) {
      if (key !== 'papers') return undefined;
      const response = await fetch('/yard/papers', { signal });
      if (!response.ok) throw new Error('The papers could not be fetched.');
      return response.text();
    },
  });
</script>

<div {...tabs.root}>
  <div {...tabs.list} aria-label="Sheets of Curlew">
    {#each sheets as { key, title, isClosable } (key)}
      <button {...tabs.tab(key)} data-closable={isClosable ? '' : undefined}>
        {title}
        {#if isClosable}<span {...tabs.closer}>×</span>{/if}
      </button>
    {/each}
  </div>
  {#each sheets as { key, text } (key)}
    <div {...tabs.panel(key)}>
      {#if text}<p>{text}</p>{/if}
    </div>
  {/each}
  <Content of={tabs}>
    {#snippet children(papers: string)}<p>{papers}</p>{/snippet}
  </Content>
</div>
