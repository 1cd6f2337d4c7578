<script setup lang="ts">
// A multiple selection with groups. Selected options are tokens before the field, which can be removed.
import { useCombobox } from 'elastic-shell/vue';
import { ref } from 'vue';

const trades = [
  { key: 'shipwright', label: 'Shipwright', group: 'Wood' },
  { key: 'joiner', label: 'Joiner', group: 'Wood' },
  { key: 'rigger', label: 'Rigger', group: 'Rope and canvas' },
  { key: 'sailmaker', label: 'Sailmaker', group: 'Rope and canvas' },
];
const selected = ref<ReadonlySet<string>>(new Set());
const combobox = useCombobox({ multiple: true, limit: 3, name: 'trades', items: trades, selected });
</script>

<template>
  <div v-bind="combobox.root">
    <label v-bind="combobox.label">Trades</label>
    <div v-bind="combobox.box"><input v-bind="combobox.field" /></div>
    <div v-bind="combobox.popup"><div v-bind="combobox.list"></div></div>
  </div>
  <output>{{ [...selected].join(', ') }}</output>
</template>
