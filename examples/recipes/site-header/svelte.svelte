<script lang="ts">
  // A header with links in a row or, on a small screen, in a drawer.
  import { useDrawer } from 'elastic-shell/svelte';
  import './site-header.css';

  const places = ['Orders', 'Berths', 'Parts'];
  const drawer = useDrawer({ closedWhen: '(min-width: 48em)', size: 'narrow' });
</script>

<header class="site-header">
  <strong>Quillhaven</strong>
  <button {...drawer.opener()}>Menu</button>
  <nav aria-label="Yard" class="site-links">
    {#each places as name (name)}<a href={`#${name.toLowerCase()}`}>{name}</a>{/each}
  </nav>
  <dialog {...drawer.root}>
    <header>
      <h2>Yard</h2>
      <button {...drawer.closer()} aria-label="Close">×</button>
    </header>
    <nav aria-label="Yard" class="drawer-links">
      <!-- A link within the page closes the drawer. -->
      {#each places as name (name)}
        <a href={`#${name.toLowerCase()}`} onclick={() => drawer.close()}>{name}</a>
      {/each}
    </nav>
  </dialog>
</header>
