<script setup lang="ts">
// A dialog and the button that opens it.
import { useDialog } from 'elastic-shell/vue';

const tides = useDialog();
</script>

<template>
  <button v-bind="tides.opener()">Tide times</button>
  <dialog v-bind="tides.root">
    <header>
      <h2>Tide times</h2>
      <button v-bind="tides.closer()" aria-label="Close">×</button>
    </header>
    <div><p>High water is at 06:12 and again at 18:40.</p></div>
    <footer><button v-bind="tides.closer('read')">Understood</button></footer>
  </dialog>
</template>
