<script setup lang="ts">
// Controlled state: a component that refuses a change, accepts it later, changes the state from outside, or
// unmounts while it is open.
import { useCombobox, useDialog, useDisclosure } from 'elastic-shell/vue';
import { berths, later } from 'quillhaven-gallery/data';
import { computed, ref } from 'vue';
import GallerySection from './GallerySection.vue';
import WaitingGuest from './WaitingGuest.vue';

const isHeld = ref(false);
const takes = ref(false);
const refused = ref(0);
const refusing = useDialog({
  open: computed({
    get: () => isHeld.value,
    set(next) {
      if (next || takes.value) isHeld.value = next;
    },
  }),
  onRefuse({ by }) {
    if (by === 'owner') refused.value++;
  },
});

const isLater = ref(false);
const waiting = useDialog({
  open: () => isLater.value,
  guard: ({ value }) => later(200, true).then(() => void (isLater.value = value)),
});

const isTurned = ref(false);
const reasons = ref<string[]>([]);
const turned = useDisclosure({ open: isTurned, onChange: ({ reason }) => void reasons.value.push(reason) });

// The slip has no boats, so choosing it is refused, and the list stays as it was.
const berth = ref<string | undefined>('quay');
const isListed = ref(false);
const combobox = useCombobox({
  items: berths,
  open: isListed,
  selected: computed({
    get: () => berth.value,
    set(key) {
      if (key !== 'slip') berth.value = key;
    },
  }),
});

const size = ref<'narrow' | 'wide'>('narrow');
const escape = ref<'close' | 'keep'>('close');
const changing = useDialog({ size, escape });

const isThere = ref(false);
</script>

<template>
  <GallerySection id="owners" title="Who owns the state">
    <div data-case="refused">
      <button v-bind="refusing.opener()">Open what stays open</button>
      <output>{{ isHeld ? 'open' : 'closed' }}, refused {{ refused }}</output>
      <dialog v-bind="refusing.root">
        <h4>Held</h4>
        <label><input v-model="takes" type="checkbox" /> It may close</label>
        <button v-bind="refusing.closer()">Close the held one</button>
      </dialog>
    </div>

    <h3>An owner who answers later</h3>
    <div data-case="later">
      <button v-bind="waiting.opener()">Open when the owner says so</button>
      <output>{{ isLater ? 'open' : 'closed' }}</output>
      <dialog v-bind="waiting.root">
        <h4>Later</h4>
        <button v-bind="waiting.closer()">Close it later</button>
      </dialog>
    </div>

    <h3>Changed from outside</h3>
    <div data-case="outside">
      <button type="button" @click="isTurned = !isTurned">Turn it over from outside</button>
      <button v-bind="turned.opener()">Turn it over</button>
      <div v-bind="turned.root">The tide table hangs by the door.</div>
      <output>{{ reasons.join() }}</output>
    </div>

    <h3>Two states at once</h3>
    <div data-case="several">
      <div v-bind="combobox.root">
        <label v-bind="combobox.label">Berth, not the slip</label>
        <div v-bind="combobox.box"><input v-bind="combobox.field" /></div>
        <div v-bind="combobox.popup"><div v-bind="combobox.list"></div></div>
      </div>
      <output>{{ berth }}, {{ isListed ? 'open' : 'closed' }}</output>
    </div>

    <h3>Options that change while it is open</h3>
    <div data-case="options">
      <button v-bind="changing.opener()">Open what changes</button>
      <dialog v-bind="changing.root">
        <h4>Changes while it is open</h4>
        <button type="button" @click="size = size === 'wide' ? 'narrow' : 'wide'">Other size</button>
        <button type="button" @click="escape = escape === 'keep' ? 'close' : 'keep'">
          Escape: {{ escape }}
        </button>
        <button v-bind="changing.closer()">Close what changes</button>
      </dialog>
    </div>

    <h3>Gone while it waits</h3>
    <div data-case="mounted">
      <button type="button" @click="isThere = true">Mount what waits</button>
      <WaitingGuest v-if="isThere" @leave="isThere = false" />
    </div>
  </GallerySection>
</template>
