<script setup lang="ts">
import 'elastic-shell/structure.css'; // the layout that dialogs need
import 'elastic-shell/skin.css'; // optional: a look
import { useDialog } from 'elastic-shell/vue';

const tides = useDialog();
</script>

<template>
  <button v-bind="tides.opener()">Tide times</button>
  <dialog v-bind="tides.root">
    <h2>Tide times</h2>
    <p>High water is at 06:12 and again at 18:40.</p>
    <button v-bind="tides.closer()">Close</button>
  </dialog>
</template>
