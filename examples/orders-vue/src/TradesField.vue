<script setup lang="ts">
// The trades of an order, at most four. Each row is a component.
import { Rows, useCombobox } from 'elastic-shell/vue';
import { trades } from 'quillhaven-gallery/office';
import { computed } from 'vue';

const chosen = defineModel<string[]>({ required: true });
const combobox = useCombobox({
  items: trades,
  multiple: true,
  limit: 4,
  selected: computed<ReadonlySet<string>>({
    get: () => new Set(chosen.value),
    set: (keys) => void (chosen.value = [...keys]),
  }),
});
</script>

<template>
  <div v-bind="combobox.root" class="wide">
    <label v-bind="combobox.label">Trades, four at most</label>
    <div v-bind="combobox.box"><input v-bind="combobox.field" /></div>
    <div v-bind="combobox.popup"><div v-bind="combobox.list"></div></div>
    <Rows v-slot="{ item }" :of="combobox">
      <span class="rivet"
        >{{ item.label }} <small>{{ item.group }}</small></span
      >
    </Rows>
  </div>
</template>
