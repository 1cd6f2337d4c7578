<script setup lang="ts">
import { useDialog } from 'elastic-shell/vue';

defineEmits<{ leave: [] }>();
const dialog = useDialog({ open: true, guard: ({ value }) => value || new Promise(() => {}) });
</script>

<template>
  <dialog v-bind="dialog.root">
    <h4>Waits for ever</h4>
    <button v-bind="dialog.closer()">Ask to close</button>
    <button type="button" @click="$emit('leave')">Unmount</button>
  </dialog>
</template>
