<script setup lang="ts">
// A combobox whose options have an icon and a description.
import { Rows, useCombobox } from 'elastic-shell/vue';
import { ref } from 'vue';

const berths = [
  { key: 'quay', label: 'Old quay', description: 'dries at springs', colour: '#7a9e7e' },
  { key: 'mole', label: 'Mole', description: '2.1 metres at low water', colour: '#5b7f95' },
  { key: 'slip', label: 'Great slip', description: 'taken until Friday', colour: '#b08968' },
];
const selected = ref<string>();
const combobox = useCombobox({ items: berths, match: 'starts-with', name: 'berth', selected });
</script>

<template>
  <div v-bind="combobox.root">
    <label v-bind="combobox.label">Berth</label>
    <div v-bind="combobox.box"><input v-bind="combobox.field" /></div>
    <div v-bind="combobox.popup"><div v-bind="combobox.list"></div></div>
    <Rows v-slot="{ item }" :of="combobox">
      <span>
        <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
          <rect width="16" height="16" rx="3" :fill="item.colour" />
        </svg>
        <span data-label>{{ item.label }}</span> <small data-description>{{ item.description }}</small>
      </span>
    </Rows>
  </div>
</template>
