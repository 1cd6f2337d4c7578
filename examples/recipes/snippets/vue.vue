<script setup lang="ts">
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css'; // optional: the look
import { Content, Rows, useDialog, useListbox, usePopover } from 'elastic-shell/vue';
import type { Item } from 'elastic-shell';
import { computed } from 'vue';

const props = defineProps<{ remove: () => Promise<boolean>; items: readonly Item[] }>();
const open = defineModel<boolean>('open');
const strike = useDialog({
  open,
  guard: ({ result }) => result !== 'strike' || props.remove(), // may answer with a promise
});

const boats = useListbox({ items: computed(() => props.items) });
const log = usePopover({ content: () => import('../show-more/ShowMore.vue') });
</script>

<template>
  <button v-bind="strike.opener()">Strike…</button>
  <dialog v-bind="strike.root" role="alertdialog">
    <h2>Strike this order?</h2>
    <button v-bind="strike.closer('cancel')">Keep it</button>
    <button v-bind="strike.closer('strike')">{{ strike.busy ? 'Striking…' : 'Strike' }}</button>
  </dialog>

  <div v-bind="boats.root" aria-label="Boats"></div>
  <Rows v-slot="{ item }" :of="boats"
    ><b>{{ item.label }}</b></Rows
  >

  <button v-bind="log.opener()">Harbour log</button>
  <div v-bind="log.root"><div data-content></div></div>
  <Content v-slot="{ content }" :of="log"><component :is="content.default" /></Content>
</template>
