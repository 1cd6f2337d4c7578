<script setup lang="ts">
// A dialog with slots: a title, scrolling content and a footer.
import { useDialog } from 'elastic-shell/vue';
import type { DialogOptions } from 'elastic-shell';
import { computed } from 'vue';

const props = defineProps<{
  title: string;
  /** The width: narrow, medium, wide or full. Default: medium. */
  size?: DialogOptions['size'];
  /** Called before it closes. Return false to keep it open. If it throws, the dialog shows the message. */
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
