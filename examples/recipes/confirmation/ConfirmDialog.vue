<script setup lang="ts">
// A confirmation that stays open while the server responds, and if it fails.
import { useDialog } from 'elastic-shell/vue';

const props = defineProps<{
  /** The question, and the labels of the two answers. */
  question: string;
  keep: string;
  confirm: string;
  confirming: string;
  opener: string;
  /** Deletes the order. If it throws, the dialog stays open, and shows and announces the message. */
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
