<script setup lang="ts">
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css'; // optional: the look
import { useDialog } from 'elastic-shell/vue';

const props = defineProps<{ remove: () => Promise<boolean> }>();
const open = defineModel<boolean>('open');
const strike = useDialog({
  open,
  guard: ({ result }) => result !== 'strike' || props.remove(), // can return a promise
});
</script>

<template>
  <button v-bind="strike.opener()">Strike…</button>
  <dialog v-bind="strike.root" role="alertdialog">
    <h2>Strike this order?</h2>
    <button v-bind="strike.closer('cancel')">Keep it</button>
    <button v-bind="strike.closer('strike')">{{ strike.busy ? 'Striking…' : 'Strike' }}</button>
  </dialog>
</template>
