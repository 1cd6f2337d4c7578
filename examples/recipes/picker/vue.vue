<script setup lang="ts">
// Two fields in step: one state, whichever changes it.
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
