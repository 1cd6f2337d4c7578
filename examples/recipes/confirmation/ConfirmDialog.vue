<script setup lang="ts">
// Asks first, waits while the answer is carried out, and stays open where that fails.
import { useDialog } from 'elastic-shell/vue';

const props = defineProps<{
  /** What is asked, and the words of its two answers. */
  question: string;
  keep: string;
  confirm: string;
  confirming: string;
  opener: string;
  /** Does it. What it throws is shown and announced in the dialog, which stays open. */
  onConfirm: () => Promise<void>;
}>();
const dialog = useDialog({
  size: 'narrow',
  async guard({ result }) {
    if (result === 'confirm') await props.onConfirm();
    return true;
  },
});
</script>

<template>
  <button v-bind="dialog.opener()">{{ opener }}</button>
  <dialog v-bind="dialog.root" role="alertdialog">
    <header>
      <h2>{{ question }}</h2>
    </header>
    <div><slot /></div>
    <footer>
      <button v-bind="dialog.closer('keep')">{{ keep }}</button>
      <button v-bind="dialog.closer('confirm')">{{ dialog.busy ? confirming : confirm }}</button>
    </footer>
  </dialog>
</template>
