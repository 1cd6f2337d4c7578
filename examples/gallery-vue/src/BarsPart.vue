<script setup lang="ts">
// Toolbars and menubars.
import { useMenu, useMenubar, useToolbar } from 'elastic-shell/vue';
import { ref } from 'vue';
import GallerySection from './GallerySection.vue';

const grid = ref(false);
const tools = useToolbar();
const bar = useMenubar();
const order = useMenu();
const berth = useMenu();
</script>

<template>
  <GallerySection id="toolbar" title="Toolbar">
    <div v-bind="tools.root" aria-label="Chart" class="row">
      <button type="button" v-bind="tools.item('in')">Zoom in</button>
      <button type="button" v-bind="tools.item('out')" aria-disabled="true">Zoom out</button>
      <input v-bind="tools.item('depth')" aria-label="Depth" size="4" />
      <button
        type="button"
        role="checkbox"
        v-bind="tools.item('grid')"
        :aria-checked="grid"
        @click="grid = !grid"
      >
        Grid
      </button>
    </div>
  </GallerySection>
  <GallerySection id="menubar" title="Menubar">
    <div v-bind="bar.root" aria-label="Yard" class="row">
      <button v-bind="{ ...bar.item('order'), ...order.opener() }">Order</button>
      <button v-bind="{ ...bar.item('berth'), ...berth.opener() }">Berth</button>
      <button v-bind="bar.item('help')">Help</button>
    </div>
    <div v-bind="order.root" aria-label="Order">
      <button v-bind="order.item('new')">New</button>
      <button v-bind="order.item('strike')">Strike</button>
    </div>
    <div v-bind="berth.root" aria-label="Berth">
      <button v-bind="berth.item('free')">Free</button>
      <button v-bind="berth.item('move')">Move</button>
    </div>
  </GallerySection>
</template>
