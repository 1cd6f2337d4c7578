<script setup lang="ts">
// Steps in an accordion. A switch sets whether several can be open. A long text inside a step can be expanded.
import { useAccordion, useSwitch } from 'elastic-shell/vue';
import { ref, useId } from 'vue';
import ReadMore from './ReadMore.vue';

const steps = [
  {
    key: 'clear',
    title: 'Clear the slip',
    text: 'Take the trolley up, sweep the rails, and look for lines.',
    more: 'The lower rail has a joint that catches: walk it at low water.',
  },
  { key: 'float', title: 'Float her on', text: 'At the top of the tide, with two lines to each side.' },
  { key: 'haul', title: 'Haul', text: 'Slowly, until she sits; then stop and chock.' },
];
const id = useId();
const isOne = ref(false);
const one = useSwitch({ checked: isOne });
const accordion = useAccordion({ expanded: ['clear'], exclusive: isOne });
</script>

<template>
  <p><button v-bind="one.root" :aria-labelledby="id"></button> <span :id="id">One at a time</span></p>
  <div v-bind="accordion.root">
    <template v-for="{ key, title, text, more } in steps" :key="key">
      <h3>
        <button v-bind="accordion.header(key)">{{ title }}</button>
      </h3>
      <div v-bind="accordion.panel(key)">
        <p>{{ text }}</p>
        <ReadMore v-if="more" :text="more" />
      </div>
    </template>
  </div>
</template>
