<script lang="ts">
  // The record of a boat in tabs. Arrow keys move between the tabs, and each tab names its panel.
  import { useTabs } from 'elastic-shell/svelte';

  const sheets = [
    { key: 'overview', title: 'Overview', text: 'Curlew, a cutter of 9.4 metres, lies in berth four.' },
    { key: 'work', title: 'Work', text: 'Two orders are open: a rudder, and the windows.' },
    { key: 'papers', title: 'Papers', text: 'The survey of last spring, and the bill of sale.' },
  ];
  let sheet = $state<string | undefined>('overview');
  const tabs = useTabs({
    get selected() {
      return sheet;
    },
    set selected(key) {
      sheet = key;
    },
  });
</script>

<div {...tabs.root}>
  <div {...tabs.list} aria-label="Boat record">
    {#each sheets as { key, title } (key)}
      <button {...tabs.tab(key)}>{title}</button>
    {/each}
  </div>
  {#each sheets as { key, text } (key)}
    <div {...tabs.panel(key)}>
      <p>{text}</p>
    </div>
  {/each}
</div>
