<script lang="ts">
  // A button that shows and hides text. Find-in-page finds the hidden text and shows it.
  import { useDisclosure } from 'elastic-shell/svelte';

  const place = useDisclosure({ elastic: 'block' });
</script>

<button {...place.opener()}>Where the ladder is</button>
<div {...place.root}>
  <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
</div>
