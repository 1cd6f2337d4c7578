<script setup lang="ts">
// A tooltip that describes a button.
import { useTooltip } from 'elastic-shell/vue';

const hint = useTooltip();
</script>

<template>
  <button type="button" v-bind="hint.described()">Haul out</button>
  <div v-bind="hint.root">Lifts the boat onto the slip</div>
</template>
