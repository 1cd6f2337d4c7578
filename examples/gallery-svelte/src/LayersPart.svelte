<script lang="ts">
  // Layers, and the disclosure.
  import { Content, useDialog, useDisclosure, useDrawer, usePopover, useTooltip } from 'elastic-shell/svelte';
  import { later } from 'quillhaven-gallery/data';
  import type HarbourLog from './HarbourLog.svelte';
  import GallerySection from './GallerySection.svelte';
  import { useServed } from './served';
  import MountedDialog from './MountedDialog.svelte';

  const plain = useDialog();
  const outer = useDialog();
  const inner = useDialog({ size: 'narrow' });
  let isMounted = $state(false);

  const alert = useDialog({ size: 'narrow' });
  const slow = useDialog({
    size: 'narrow',
    guard: ({ result }) => result !== 'empty' || later(400, true),
  });

  const drawer = useDrawer();
  const side = useDrawer({ edge: 'inline-end', modal: false });

  const popover = usePopover();
  const log = usePopover({ content: () => later(300, import('./HarbourLog.svelte')) });

  const tooltip = useTooltip();
  const ladder = useDisclosure({ open: useServed() });
  const crane = useDisclosure({ elastic: 'block' });
</script>

<GallerySection id="dialog" title="Dialog">
  <button {...plain.opener()}>Open a dialog</button>
  <dialog {...plain.root}>
    <header>
      <h3>Tide times</h3>
      <button {...plain.closer()} aria-label="Close">×</button>
    </header>
    <div><p>High water is at 06:12 and again at 18:40.</p></div>
    <footer>
      <button {...plain.closer('read')} data-button="primary">Understood</button>
    </footer>
  </dialog>

  <h3>Dialogs in dialogs</h3>
  <button {...outer.opener()}>Open the outer dialog</button>
  <dialog {...outer.root}>
    <header><h4>Outer</h4></header>
    <div>
      <p>A click outside the inner one, but inside this one, closes the inner one alone.</p>
      <button {...inner.opener()}>Open the inner dialog</button>
      <dialog {...inner.root}>
        <header><h5>Inner</h5></header>
        <div><p>Escape closes this one first.</p></div>
        <footer><button {...inner.closer()}>Close the inner dialog</button></footer>
      </dialog>
    </div>
    <footer><button {...outer.closer()}>Close the outer dialog</button></footer>
  </dialog>

  <h3>Mounted while it is open</h3>
  <button type="button" onclick={() => (isMounted = true)}>Open one that is mounted</button>
  {#if isMounted}
    <MountedDialog onclose={() => (isMounted = false)} />
  {/if}
</GallerySection>

<GallerySection id="alertdialog" title="Alert dialog">
  <button {...alert.opener()}>Cut the line…</button>
  <dialog {...alert.root} role="alertdialog">
    <header><h3>Cut the mooring line?</h3></header>
    <div><p>The boat will drift with the ebb until somebody takes a line ashore.</p></div>
    <footer>
      <button {...alert.closer('cancel')}>Leave it</button>
      <button {...alert.closer('cut')} data-button="danger">Cut the line</button>
    </footer>
  </dialog>

  <h3>Waiting for a server</h3>
  <button {...slow.opener()}>Empty the store…</button>
  <dialog {...slow.root} role="alertdialog">
    <header><h4>Empty the paint store?</h4></header>
    <div><p>Every tin is taken off the list.</p></div>
    <footer>
      <button {...slow.closer('cancel')}>Keep the paint</button>
      <button {...slow.closer('empty')} data-button="danger">
        {slow.busy ? 'Emptying…' : 'Empty it'}
      </button>
    </footer>
  </dialog>
</GallerySection>

<GallerySection id="drawer" title="Drawer">
  <button {...drawer.opener()}>Open a drawer</button>
  <dialog {...drawer.root}>
    <header>
      <h3>Sections</h3>
      <button {...drawer.closer()} aria-label="Close">×</button>
    </header>
    <div>
      <p><a href="#dialog">Dialog</a></p>
    </div>
  </dialog>

  <h3>Beside the live page</h3>
  <button {...side.opener()}>Toggle the side drawer</button>
  <dialog {...side.root}>
    <header><h4>Beside the page</h4></header>
    <div>
      <p>The page stays live.</p>
      <button {...side.closer()}>Close the side drawer</button>
    </div>
  </dialog>
</GallerySection>

<GallerySection id="popover" title="Popover">
  <button {...popover.opener()}>Berth four</button>
  <div {...popover.root}>
    <p>Lies along the old quay wall; dries to mud at springs. <a href="#popover">The chart</a> shows it.</p>
  </div>

  <h3>Content that comes later</h3>
  <button {...log.opener()}>Harbour log</button>
  <div {...log.root}>
    <h4>Harbour log</h4>
    <div data-content></div>
  </div>
  <Content of={log}>
    {#snippet children(module: { default: typeof HarbourLog })}<module.default />{/snippet}
  </Content>
</GallerySection>

<GallerySection id="tooltip" title="Tooltip">
  <button type="button" {...tooltip.described()}>Haul out</button>
  <div {...tooltip.root}>Lifts the boat onto the slip</div>
</GallerySection>

<GallerySection id="disclosure" title="Disclosure">
  <button {...ladder.opener()}>Where the ladder is</button>
  <div {...ladder.root}>
    <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
  </div>

  <h3>Words that follow the state</h3>
  <button {...crane.opener()}>{crane.open ? 'Show less' : 'Show more'}</button>
  <div {...crane.root}>
    <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
  </div>
</GallerySection>
