<script lang="ts">
  // A long text that can be expanded. The label of the button follows the state.
  import { useDisclosure } from 'elastic-shell/svelte';
  import type { Snippet } from 'svelte';

  const { children }: { children: Snippet } = $props();
  const more = useDisclosure({ elastic: 'block' });
</script>

<div {...more.root}>{@render children()}</div>
<button {...more.opener()}>{more.open ? 'Show less' : 'Show more'}</button>
