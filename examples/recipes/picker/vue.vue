<script setup lang="ts">
// Two fields that share one state.
import { ref } from 'vue';
import PennantField from './PennantField.vue';

const pennant = ref<string>();
</script>

<template>
  <div>
    <PennantField v-model="pennant" label="Pennant at the mast" />
    <PennantField v-model="pennant" label="Pennant on the board" />
  </div>
</template>
