<script setup lang="ts">
// The record of a boat in tabs. Arrow keys move between the tabs, and each tab names its panel.
import { useTabs } from 'elastic-shell/vue';
import { ref } from 'vue';

const sheets = [
  { key: 'overview', title: 'Overview', text: 'Curlew, a cutter of 9.4 metres, lies in berth four.' },
  { key: 'work', title: 'Work', text: 'Two orders are open: a rudder, and the windows.' },
  { key: 'papers', title: 'Papers', text: 'The survey of last spring, and the bill of sale.' },
];
const selected = ref<string | undefined>('overview');
const tabs = useTabs({ selected });
</script>

<template>
  <div v-bind="tabs.root">
    <div v-bind="tabs.list" aria-label="Boat record">
      <button v-for="{ key, title } in sheets" :key="key" v-bind="tabs.tab(key)">{{ title }}</button>
    </div>
    <div v-for="{ key, text } in sheets" :key="key" v-bind="tabs.panel(key)">
      <p>{{ text }}</p>
    </div>
  </div>
</template>
