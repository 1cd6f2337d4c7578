<script setup lang="ts">
// A combobox that loads options from a server while the user types. Only the latest result is used, and a failure offers a retry.
import type { Item } from 'elastic-shell';
import { useCombobox } from 'elastic-shell/vue';
import { ref } from 'vue';

const search = async (query: string, signal: AbortSignal): Promise<readonly Item[]> => {
  const response = await fetch(`/yard/boats?q=${encodeURIComponent(query)}`, { signal });
  if (!response.ok) throw new Error('The office did not answer.');
  return response.json();
};
const selected = ref<string>();
const combobox = useCombobox({ items: search, name: 'boat', selected });
</script>

<template>
  <div v-bind="combobox.root">
    <label v-bind="combobox.label">Boat</label>
    <div v-bind="combobox.box"><input v-bind="combobox.field" /></div>
    <div v-bind="combobox.popup"><div v-bind="combobox.list"></div></div>
  </div>
  <output>{{ selected }}</output>
</template>
