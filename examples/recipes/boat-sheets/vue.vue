<script setup lang="ts">
// Closable tabs. The address contains the selected tab, and the last panel loads when it is selected.
import { Content, useTabs } from 'elastic-shell/vue';
import { ref } from 'vue';

const sheets = ref([
  { key: 'overview', title: 'Overview', text: 'A cutter of 9.4 metres, in berth four.' },
  { key: 'work', title: 'Work', text: 'Two orders are open.', isClosable: true },
  { key: 'papers', title: 'Papers' },
]);
const tabs = useTabs({
  address: true,
  onChange(change) {
    if (change.name === 'closed') sheets.value = sheets.value.filter(({ key }) => !change.value.has(key));
  },
  async content(signal, key) {
    if (key !== 'papers') return undefined;
    const response = await fetch('/yard/papers', { signal });
    if (!response.ok) throw new Error('The papers could not be fetched.');
    return response.text();
  },
});
</script>

<template>
  <div v-bind="tabs.root">
    <div v-bind="tabs.list" aria-label="Sheets of Curlew">
      <button
        v-for="{ key, title, isClosable } in sheets"
        :key="key"
        v-bind="tabs.tab(key)"
        :data-closable="isClosable ? '' : undefined"
      >
        {{ title }} <span v-if="isClosable" v-bind="tabs.closer">×</span>
      </button>
    </div>
    <div v-for="{ key, text } in sheets" :key="key" v-bind="tabs.panel(key)">
      <p v-if="text">{{ text }}</p>
    </div>
    <Content v-slot="{ content }" :of="tabs">
      <p>{{ content }}</p>
    </Content>
  </div>
</template>
