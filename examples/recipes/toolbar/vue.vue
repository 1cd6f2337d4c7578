<script setup lang="ts">
// The tools of a chart. Arrow keys move between them, and Tab leaves the toolbar.
import { useToolbar } from 'elastic-shell/vue';
import { ref } from 'vue';

const scale = ref(4000);
const depths = ref(false);
const tools = useToolbar();
</script>

<template>
  <div v-bind="tools.root" aria-label="Chart">
    <button type="button" v-bind="tools.item('in')" @click="scale /= 2">Zoom in</button>
    <button type="button" v-bind="tools.item('out')" @click="scale *= 2">Zoom out</button>
    <button type="button" v-bind="tools.item('depths')" :aria-pressed="depths" @click="depths = !depths">
      Depths
    </button>
    <select v-bind="tools.item('unit')" aria-label="Unit">
      <option>Metres</option>
      <option>Feet</option>
    </select>
  </div>
  <output>1 : {{ scale }}</output>
</template>
