<script setup lang="ts">
// A field with a picker in a popover. The picker loads when the popover opens.
import type { Item } from 'elastic-shell';
import { Content, usePopover } from 'elastic-shell/vue';
import PennantList from './PennantList.vue';

defineProps<{ label: string }>();
const picked = defineModel<string | undefined>();
const popover = usePopover({
  loadOn: 'hover',
  // If loading fails, the popover shows the error and a retry button. Closing it cancels loading.
  async content(signal): Promise<readonly Item[]> {
    const response = await fetch('/yard/pennants', { signal });
    if (!response.ok) throw new Error('The pennants could not be loaded.');
    return response.json();
  },
});
</script>

<template>
  <button v-bind="popover.opener()">{{ label }}: {{ picked ?? 'none' }}</button>
  <div v-bind="popover.root" :aria-label="label"><div data-content></div></div>
  <Content v-slot="{ content }" :of="popover">
    <PennantList v-model="picked" :pennants="content" @update:model-value="popover.close()" />
  </Content>
</template>
