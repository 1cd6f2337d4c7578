<script setup lang="ts">
// Layers, and the disclosure.
import { Content, useDialog, useDisclosure, useDrawer, usePopover, useTooltip } from 'elastic-shell/vue';
import { later } from 'quillhaven-gallery/data';
import { ref } from 'vue';
import GallerySection from './GallerySection.vue';
import { useServed } from './served';
import MountedDialog from './MountedDialog.vue';

const plain = useDialog();
const outer = useDialog();
const inner = useDialog({ size: 'narrow' });
const isMounted = ref(false);

const alert = useDialog({ size: 'narrow' });
const slow = useDialog({
  size: 'narrow',
  guard: ({ result }) => result !== 'empty' || later(400, true),
});

const drawer = useDrawer();
const side = useDrawer({ edge: 'inline-end', modal: false });

const popover = usePopover();
const log = usePopover({ content: () => later(300, import('./HarbourLog.vue')) });

const tooltip = useTooltip();
const ladder = useDisclosure({ open: useServed() });
const crane = useDisclosure({ elastic: 'block' });
</script>

<template>
  <GallerySection id="dialog" title="Dialog">
    <button v-bind="plain.opener()">Open a dialog</button>
    <dialog v-bind="plain.root">
      <header>
        <h3>Tide times</h3>
        <button v-bind="plain.closer()" aria-label="Close">×</button>
      </header>
      <div><p>High water is at 06:12 and again at 18:40.</p></div>
      <footer>
        <button v-bind="plain.closer('read')" data-button="primary">Understood</button>
      </footer>
    </dialog>

    <h3>Dialogs in dialogs</h3>
    <button v-bind="outer.opener()">Open the outer dialog</button>
    <dialog v-bind="outer.root">
      <header><h4>Outer</h4></header>
      <div>
        <p>A click outside the inner one, but inside this one, closes the inner one alone.</p>
        <button v-bind="inner.opener()">Open the inner dialog</button>
        <dialog v-bind="inner.root">
          <header><h5>Inner</h5></header>
          <div><p>Escape closes this one first.</p></div>
          <footer><button v-bind="inner.closer()">Close the inner dialog</button></footer>
        </dialog>
      </div>
      <footer><button v-bind="outer.closer()">Close the outer dialog</button></footer>
    </dialog>

    <h3>Mounted while it is open</h3>
    <button type="button" @click="isMounted = true">Open one that is mounted</button>
    <MountedDialog v-if="isMounted" @close="isMounted = false" />
  </GallerySection>

  <GallerySection id="alertdialog" title="Alert dialog">
    <button v-bind="alert.opener()">Cut the line…</button>
    <dialog v-bind="alert.root" role="alertdialog">
      <header><h3>Cut the mooring line?</h3></header>
      <div><p>The boat will drift with the ebb until somebody takes a line ashore.</p></div>
      <footer>
        <button v-bind="alert.closer('cancel')">Leave it</button>
        <button v-bind="alert.closer('cut')" data-button="danger">Cut the line</button>
      </footer>
    </dialog>

    <h3>Waiting for a server</h3>
    <button v-bind="slow.opener()">Empty the store…</button>
    <dialog v-bind="slow.root" role="alertdialog">
      <header><h4>Empty the paint store?</h4></header>
      <div><p>Every tin is taken off the list.</p></div>
      <footer>
        <button v-bind="slow.closer('cancel')">Keep the paint</button>
        <button v-bind="slow.closer('empty')" data-button="danger">
          {{ slow.busy ? 'Emptying…' : 'Empty it' }}
        </button>
      </footer>
    </dialog>
  </GallerySection>

  <GallerySection id="drawer" title="Drawer">
    <button v-bind="drawer.opener()">Open a drawer</button>
    <dialog v-bind="drawer.root">
      <header>
        <h3>Sections</h3>
        <button v-bind="drawer.closer()" aria-label="Close">×</button>
      </header>
      <div>
        <p><a href="#dialog">Dialog</a></p>
      </div>
    </dialog>

    <h3>Beside the live page</h3>
    <button v-bind="side.opener()">Toggle the side drawer</button>
    <dialog v-bind="side.root">
      <header><h4>Beside the page</h4></header>
      <div>
        <p>The page stays live.</p>
        <button v-bind="side.closer()">Close the side drawer</button>
      </div>
    </dialog>
  </GallerySection>

  <GallerySection id="popover" title="Popover">
    <button v-bind="popover.opener()">Berth four</button>
    <div v-bind="popover.root">
      <p>Lies along the old quay wall; dries to mud at springs. <a href="#popover">The chart</a> shows it.</p>
    </div>

    <h3>Content that comes later</h3>
    <button v-bind="log.opener()">Harbour log</button>
    <div v-bind="log.root">
      <h4>Harbour log</h4>
      <div data-content></div>
    </div>
    <Content v-slot="{ content }" :of="log"><component :is="content.default" /></Content>
  </GallerySection>

  <GallerySection id="tooltip" title="Tooltip">
    <button type="button" v-bind="tooltip.described()">Haul out</button>
    <div v-bind="tooltip.root">Lifts the boat onto the slip</div>
  </GallerySection>

  <GallerySection id="disclosure" title="Disclosure">
    <button v-bind="ladder.opener()">Where the ladder is</button>
    <div v-bind="ladder.root">
      <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
    </div>

    <h3>Words that follow the state</h3>
    <button v-bind="crane.opener()">{{ crane.open ? 'Show less' : 'Show more' }}</button>
    <div v-bind="crane.root">
      <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
    </div>
  </GallerySection>
</template>
