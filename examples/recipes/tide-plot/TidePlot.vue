<script setup lang="ts">
// Wraps the third-party widget in a component: created on mounting, destroyed on unmounting.
import { onBeforeUnmount, onMounted, useTemplateRef } from 'vue';

const { plots, heights } = defineProps<{
  plots: typeof import('./tide-plot.js');
  heights: readonly number[];
}>();
const place = useTemplateRef<HTMLDivElement>('place');
let plot: InstanceType<typeof plots.TidePlot> | undefined;
onMounted(() => {
  if (place.value) plot = new plots.TidePlot(place.value, heights);
});
onBeforeUnmount(() => plot?.destroy());
</script>

<template><div ref="place"></div></template>
