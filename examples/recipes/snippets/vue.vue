<script setup lang="ts">
import { Content, Rows, useListbox, usePopover } from 'elastic-shell/vue';
import type { Item } from 'elastic-shell';
import { computed } from 'vue';
import BoatRow from './BoatRow.vue';
import StrikeOrder from './StrikeOrder.vue';

const props = defineProps<{ remove: () => Promise<boolean>; items: readonly Item[] }>();
const boats = useListbox({ items: computed(() => props.items) });
const log = usePopover({ content: () => import('../show-more/ShowMore.vue') });
</script>

<template>
  <StrikeOrder :remove="remove" />

  <div v-bind="boats.root" aria-label="Boats"></div>
  <Rows v-slot="{ item }" :of="boats"><BoatRow :boat="item" /></Rows>

  <button v-bind="log.opener()">Harbour log</button>
  <div v-bind="log.root"><div data-content></div></div>
  <Content v-slot="{ content }" :of="log"><component :is="content.default" /></Content>
</template>
