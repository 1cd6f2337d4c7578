<script setup lang="ts">
// A modal with named places: a title, a body that scrolls, and a footer that stays.
import { useDialog } from 'elastic-shell/vue';
import type { DialogOptions } from 'elastic-shell';
import { computed } from 'vue';

const props = defineProps<{
  title: string;
  /** narrow, medium, wide or full; medium when left out. */
  size?: DialogOptions['size'];
  /** Asked before it closes; false keeps it open, and what it throws is shown in it. */
  mayClose?: (result: string | null) => boolean | Promise<boolean>;
}>();
const open = defineModel<boolean>('open', { required: true });

const modal = useDialog({
  size: computed(() => props.size ?? 'medium'),
  open,
  guard: ({ value: opens, result }) => opens === true || (props.mayClose?.(result ?? null) ?? true),
});
</script>

<template>
  <dialog v-bind="modal.root">
    <header>
      <h2>{{ title }}</h2>
      <button v-bind="modal.closer()" aria-label="Close">×</button>
    </header>
    <div><slot /></div>
    <footer><slot name="footer" :closer="modal.closer" :is-busy="modal.busy" /></footer>
  </dialog>
</template>
