<script lang="ts">
  // Site navigation in a drawer, which closes when the window is wide enough for a permanent navigation.
  import { useDrawer } from 'elastic-shell/svelte';

  const sections = ['Orders', 'Berths', 'Parts'];
  const drawer = useDrawer({ closedWhen: '(min-width: 90em)' });
</script>

<button {...drawer.opener()}>Sections</button>
<dialog {...drawer.root}>
  <header>
    <h2>Sections</h2>
    <button {...drawer.closer()} aria-label="Close">×</button>
  </header>
  <nav aria-label="Sections">
    <ul>
      {#each sections as name (name)}
        <li><a href={`#${name.toLowerCase()}`}>{name}</a></li>
      {/each}
    </ul>
  </nav>
</dialog>
