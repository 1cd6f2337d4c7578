<script lang="ts">
  // A field with a picker in a popover. The picker loads when the popover opens.
  import type { Item } from 'elastic-shell';
  import { Content, usePopover } from 'elastic-shell/svelte';
  import PennantList from './PennantList.svelte';

  let { label, picked = $bindable() }: { label: string; picked: string | undefined } = $props();
  const popover = usePopover({
    loadOn: 'hover',
    // If loading fails, the popover shows the error and a retry button. Closing it cancels loading.
    async content(signal): Promise<readonly Item[]> {
      const response = await fetch('/yard/pennants', { signal });
      if (!response.ok) throw new Error('The pennants could not be loaded.');
      return response.json();
    },
  });
  const pick = (key: string | undefined) => {
    picked = key;
    void popover.close();
  };
</script>

<button {...popover.opener()}>{label}: {picked ?? 'none'}</button>
<div {...popover.root} aria-label={label}><div data-content></div></div>
<Content of={popover}>
  {#snippet children(pennants: readonly Item[])}
    <PennantList {pennants} {picked} onpick={pick} />
  {/snippet}
</Content>
