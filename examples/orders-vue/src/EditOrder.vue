<script setup lang="ts">
// Editing an order: fields with two-way binding, and a second dialog if changes would be lost.
import { useDialog } from 'elastic-shell/vue';
import { boats, office, type Order, sameOrder } from 'quillhaven-gallery/office';
import { ref, toRaw, useTemplateRef } from 'vue';
import PennantField from './PennantField.vue';
import TradesField from './TradesField.vue';

const props = defineProps<{ order: Order }>();
const emit = defineEmits<{ close: [saved?: Order] }>();
const draft = ref({ ...props.order });
const work = useTemplateRef<HTMLInputElement>('work');

const discard = useDialog({ size: 'narrow' });
const edit = useDialog({
  open: true,
  firstFocus: work,
  guard({ value, result }) {
    if (value) return true;
    if (result === 'save') return office.save(structuredClone(toRaw(draft.value)));
    return sameOrder(draft.value, props.order) || discard.ask().then((answer) => answer === 'discard');
  },
  onChange: ({ value, result }) => value || emit('close', result === 'save' ? draft.value : undefined),
});
</script>

<template>
  <dialog v-bind="edit.root">
    <form method="dialog" autocomplete="off">
      <header>
        <h2>Edit order {{ order.id }}</h2>
        <button v-bind="edit.closer()" aria-label="Close">×</button>
      </header>
      <div class="fields">
        <label class="wide">Work <input ref="work" v-model="draft.title" required maxlength="80" /></label>
        <label
          >Boat
          <select v-model="draft.boat">
            <option v-for="{ id, name } in boats" :key="id" :value="id">{{ name }}</option>
          </select>
        </label>
        <label>Hours <input v-model.number="draft.hours" type="number" min="1" max="400" required /></label>
        <TradesField v-model="draft.trades" />
        <PennantField :boat="draft.boat" />
        <p role="alert" data-message class="failure wide"></p>
      </div>
      <footer>
        <button v-bind="edit.closer('cancel')">Cancel</button>
        <button type="submit" value="save" data-button="primary">
          {{ edit.busy ? 'Saving…' : 'Save order' }}
        </button>
      </footer>
    </form>
  </dialog>
  <dialog v-bind="discard.root" role="alertdialog">
    <header><h2>Discard your changes?</h2></header>
    <div><p>What you typed into this order has not been saved.</p></div>
    <footer>
      <button v-bind="discard.closer('cancel')">Keep editing</button>
      <button v-bind="discard.closer('discard')" data-button="danger">Discard changes</button>
    </footer>
  </dialog>
</template>
