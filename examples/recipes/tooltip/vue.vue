<script setup lang="ts">
// A button with a few words about it: a description, never its only name.
import { useTooltip } from 'elastic-shell/vue';

const hint = useTooltip();
</script>

<template>
  <button type="button" v-bind="hint.described()">Haul out</button>
  <div v-bind="hint.root">Lifts the boat onto the slip</div>
</template>
