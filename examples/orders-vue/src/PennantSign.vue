<script setup lang="ts">
// A pennant, drawn.
import { outlines, type Pennant } from 'quillhaven-gallery/office';

defineProps<{ pennant: Pennant }>();
</script>

<template>
  <svg class="pennant" viewBox="0 0 24 16" aria-hidden="true">
    <path :class="`paint-${pennant.field}`" :d="outlines[pennant.shape]" />
    <circle v-if="pennant.mark !== pennant.field" :class="`paint-${pennant.mark}`" cx="7" cy="8" r="3" />
  </svg>
</template>
