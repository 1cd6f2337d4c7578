<script setup lang="ts">
// A form in a dialog, which asks before it discards changes.
import { useDialog } from 'elastic-shell/vue';
import { reactive, ref, useTemplateRef } from 'vue';
import YardModal from './YardModal.vue';

const saved = reactive({ title: 'New rudder', notes: '' });
const draft = reactive({ ...saved });
const open = ref(false);
const form = useTemplateRef<HTMLFormElement>('form');
const discard = useDialog({ size: 'narrow' });

const mayClose = async (result: string | null) => {
  if (result === 'save') {
    if (!form.value?.reportValidity()) return false;
    const response = await fetch('/yard/orders/W1041', { method: 'PUT', body: JSON.stringify(draft) });
    if (!response.ok) throw new Error('The office did not take it. Nothing is lost: try again.');
    Object.assign(saved, draft);
    return true;
  }
  const isChanged = draft.title !== saved.title || draft.notes !== saved.notes;
  if (isChanged && (await discard.ask()) !== 'discard') return false;
  Object.assign(draft, saved);
  return true;
};
</script>

<template>
  <p>
    <button type="button" @click="open = true">Edit order</button>
    <output>{{ saved.title }}</output>
  </p>
  <YardModal v-model:open="open" title="Edit order W1041" size="wide" :may-close="mayClose">
    <form ref="form">
      <label>Title <input v-model="draft.title" required /></label>
      <label>Notes <textarea v-model="draft.notes"></textarea></label>
    </form>
    <template #footer="{ closer, isBusy }">
      <button v-bind="closer('cancel')">Cancel</button>
      <button v-bind="closer('save')">{{ isBusy ? 'Saving…' : 'Save' }}</button>
    </template>
  </YardModal>
  <dialog v-bind="discard.root" role="alertdialog">
    <header><h2>Throw the changes away?</h2></header>
    <div><p>What you typed is not saved yet.</p></div>
    <footer>
      <button v-bind="discard.closer('back')">Go on editing</button>
      <button v-bind="discard.closer('discard')">Throw away</button>
    </footer>
  </dialog>
</template>
