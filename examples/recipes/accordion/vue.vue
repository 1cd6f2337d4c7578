<script setup lang="ts">
// Headings with collapsible sections. Several can be open.
import { useAccordion } from 'elastic-shell/vue';

const steps = [
  {
    key: 'before',
    title: 'Before the haul',
    text: 'Clear the slip, check the cradle, and take the tide from the board.',
  },
  {
    key: 'during',
    title: 'On the slip',
    text: 'One on the winch, one on each line; nobody stands below the bow.',
  },
  {
    key: 'after',
    title: 'Once she is ashore',
    text: 'Chock her, wash her down, and write the hour in the log.',
  },
];
const accordion = useAccordion({ expanded: ['before'] });
</script>

<template>
  <div v-bind="accordion.root">
    <template v-for="{ key, title, text } in steps" :key="key">
      <h3>
        <button v-bind="accordion.header(key)">{{ title }}</button>
      </h3>
      <div v-bind="accordion.panel(key)">
        <p>{{ text }}</p>
      </div>
    </template>
  </div>
</template>
