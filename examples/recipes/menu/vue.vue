<script setup lang="ts">
// A menu of actions behind a button. The page shows the chosen action.
import { useMenu } from 'elastic-shell/vue';
import { ref } from 'vue';

const picked = ref('');
const menu = useMenu({
  onPick({ key }) {
    picked.value = key;
  },
});
</script>

<template>
  <button v-bind="menu.opener()">Boat</button>
  <div v-bind="menu.root" aria-label="Boat">
    <button v-bind="menu.item('lift')">Lift</button>
    <button v-bind="menu.item('launch')">Launch</button>
    <button v-bind="menu.item('scrap')" aria-disabled="true">Break up</button>
    <hr v-bind="menu.separator" />
    <button v-bind="menu.checkbox('lights')">Lights</button>
  </div>
  <output>{{ picked }}</output>
</template>
