<script lang="ts">
  // Toolbars and menubars.
  import { useMenu, useMenubar, useToolbar } from 'elastic-shell/svelte';
  import GallerySection from './GallerySection.svelte';

  let grid = $state(false);
  const tools = useToolbar();
  const bar = useMenubar();
  const order = useMenu();
  const berth = useMenu();
</script>

<GallerySection id="toolbar" title="Toolbar">
  <div {...tools.root} aria-label="Chart" class="row">
    <button type="button" {...tools.item('in')}>Zoom in</button>
    <button type="button" {...tools.item('out')} aria-disabled="true">Zoom out</button>
    <input {...tools.item('depth')} aria-label="Depth" size="4" />
    <button
      type="button"
      role="checkbox"
      {...tools.item('grid')}
      aria-checked={grid}
      onclick={() => (grid = !grid)}
    >
      Grid
    </button>
  </div>
</GallerySection>
<GallerySection id="menubar" title="Menubar">
  <div {...bar.root} aria-label="Yard" class="row">
    <button {...bar.item('order')} {...order.opener()}>Order</button>
    <button {...bar.item('berth')} {...berth.opener()}>Berth</button>
    <button {...bar.item('help')}>Help</button>
  </div>
  <div {...order.root} aria-label="Order">
    <button {...order.item('new')}>New</button>
    <button {...order.item('strike')}>Strike</button>
  </div>
  <div {...berth.root} aria-label="Berth">
    <button {...berth.item('free')}>Free</button>
    <button {...berth.item('move')}>Move</button>
  </div>
</GallerySection>
