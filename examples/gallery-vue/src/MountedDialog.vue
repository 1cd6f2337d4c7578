<script setup lang="ts">
// Rendered only while it is open, as is common for components.
import { useDialog } from 'elastic-shell/vue';
import { computed } from 'vue';

const emit = defineEmits<{ close: [] }>();
const open = computed({
  get: () => true,
  set: (now) => now || emit('close'),
});
const dialog = useDialog({ open, size: 'narrow' });
</script>

<template>
  <dialog v-bind="dialog.root">
    <header><h4>Here while it is open</h4></header>
    <div><p>Its component comes with it and goes with it.</p></div>
    <footer><button v-bind="dialog.closer()">Close it</button></footer>
  </dialog>
</template>
