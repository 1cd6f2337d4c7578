<script setup lang="ts">
// A third-party widget in a popover. Its script loads when the popover opens.
import { Content, usePopover } from 'elastic-shell/vue';
import TidePlot from './TidePlot.vue';

const today = [3.1, 4.2, 2.4, 0.9, 1.7];
const popover = usePopover({ keepContent: false, content: () => import('./tide-plot.js') });
</script>

<template>
  <button v-bind="popover.opener()">Tide today</button>
  <div v-bind="popover.root">
    <h2>Tide today</h2>
    <div data-content></div>
  </div>
  <Content v-slot="{ content }" :of="popover"><TidePlot :plots="content" :heights="today" /></Content>
</template>
