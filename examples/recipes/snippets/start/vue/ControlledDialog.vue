<script setup lang="ts">
import { useDialog } from 'elastic-shell/vue';
import { ref } from 'vue';

const open = ref(false);
const tides = useDialog({ open });
</script>

<template>
  <button v-bind="tides.opener()">Tide times</button>
  <p>The dialog is {{ open ? 'open' : 'closed' }}.</p>
  <dialog v-bind="tides.root">
    <h2>Tide times</h2>
    <button @click="open = false">Close</button>
  </dialog>
</template>
