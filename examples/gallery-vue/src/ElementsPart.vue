<script setup lang="ts">
// Elements in Vue: attributes and properties are followed, events are handled, and the owner reverts a refused change.
import 'elastic-shell/elements/disclosure';
import 'elastic-shell/elements/tabs';
import type {} from 'elastic-shell/elements/vue';
import { boatParts } from 'quillhaven-gallery/data';
import { ref } from 'vue';
import GallerySection from './GallerySection.vue';

const tab = ref<string | undefined>('rig');
const open = ref(false);
</script>

<template>
  <GallerySection id="elements" title="Elements in a component">
    <shell-tabs
      :data-wire-selected="tab"
      @shell-change="({ detail }) => detail.name === 'selected' && (tab = detail.value)"
    >
      <div role="tablist" aria-label="Parts of the boat">
        <button v-for="{ key, title } in boatParts" :key="key" type="button" role="tab" :data-key="key">
          {{ title }}
        </button>
      </div>
      <div
        v-for="{ key, text } in boatParts"
        :key="key"
        role="tabpanel"
        :data-key="key"
        :hidden="key !== 'rig'"
        class="section"
      >
        <p>{{ text }}</p>
      </div>
    </shell-tabs>
    <p class="row">
      <button type="button" @click="tab = 'engine'">Show the engine</button>
      <output>{{ tab }}</output>
    </p>
    <shell-disclosure
      :open="open"
      :guard="({ value }) => !value"
      @shell-change="({ detail }) => (open = detail.value)"
      @shell-refuse="({ detail }) => (open = detail.previous)"
    >
      <button type="button" @click="open = !open">{{ open ? 'Close the locker' : 'Open the locker' }}</button>
      <div id="locker" hidden>Nothing in it.</div>
    </shell-disclosure>
  </GallerySection>
</template>
