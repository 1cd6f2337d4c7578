<script setup lang="ts">
// A combobox. A form submits its value under the name "berth".
import { useCombobox } from 'elastic-shell/vue';
import { ref } from 'vue';

const berths = [
  { key: 'quay', label: 'Quay' },
  { key: 'slip', label: 'Slip' },
  { key: 'mole', label: 'Mole' },
  { key: 'mooring', label: 'Mooring' },
];
const berth = ref<string>();
const combobox = useCombobox({ name: 'berth', items: berths, selected: berth });
</script>

<template>
  <form>
    <div v-bind="combobox.root">
      <label v-bind="combobox.label">Berth</label>
      <div v-bind="combobox.box">
        <input v-bind="combobox.field" />
        <button v-bind="combobox.toggler" aria-label="Show berths">
          <span data-marker aria-hidden="true"></span>
        </button>
      </div>
      <div v-bind="combobox.popup"><div v-bind="combobox.list"></div></div>
    </div>
    <output>{{ berth }}</output>
  </form>
</template>
