<script setup lang="ts">
// A pennant, chosen from a grid that loads on demand.
import { Content, usePopover } from 'elastic-shell/vue';
import { boatOf, loadGrid, type NamedPennant } from 'quillhaven-gallery/office';
import { ref, watch } from 'vue';
import PennantSign from './PennantSign.vue';

defineProps<{ boat: string }>();
const chosen = ref<NamedPennant>();
const picker = usePopover({ content: () => loadGrid(import('./PennantGrid.vue')), loadOn: 'hover' });
watch(chosen, () => picker.close());
</script>

<template>
  <div class="wide">
    <span>Pennant</span>&#32;
    <button v-bind="picker.opener()">
      <PennantSign :pennant="chosen ?? boatOf(boat).pennant" />
      {{ chosen?.name ?? 'As the boat flies it' }}
    </button>
    <div v-bind="picker.root">
      <h3>Pennants that the loft can sew</h3>
      <div data-content></div>
    </div>
    <Content v-slot="{ content }" :of="picker">
      <component :is="content.default" v-model="chosen" :pennants="content.pennants" />
    </Content>
  </div>
</template>
