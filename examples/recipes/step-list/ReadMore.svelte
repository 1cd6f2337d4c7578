<script lang="ts">
  // What follows a text, for those who want it.
  import { useDisclosure } from 'elastic-shell/svelte';

  const { text }: { text: string } = $props();
  const more = useDisclosure({ elastic: 'block' });
</script>

<div {...more.root}>
  <p>{text}</p>
</div>
<button {...more.opener()}>{more.open ? 'Read less' : 'Read more'}</button>
