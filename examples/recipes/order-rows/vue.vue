<script setup lang="ts">
// One menu and one dialog for all rows of a list. A button in each row opens the menu, and so does a right click on the row.
import type { MenuPick } from 'elastic-shell';
import { useDialog, useMenu } from 'elastic-shell/vue';
import { ref } from 'vue';

const orders = [
  { id: 'W1041', title: 'new rudder' },
  { id: 'W1042', title: 'windows' },
];
const picked = ref('');
const striking = ref('');
const dialog = useDialog({
  onClosed: (result) => result === 'strike' && (picked.value = `strike ${striking.value}`),
});
const act = ({ key, about }: MenuPick) => {
  // The element that the menu is about: its button, or the row that was right-clicked.
  const order = about?.closest('[data-order]')?.getAttribute('data-order') ?? '';
  if (key !== 'strike') return (picked.value = `${key} ${order}`);
  striking.value = order;
  dialog.show();
};
const menu = useMenu({ context: '[data-order]', onPick: act });
const move = useMenu({ onPick: act });
</script>

<template>
  <ul>
    <li v-for="{ id, title } in orders" :key="id" :data-order="id">
      {{ id }}, {{ title }}
      <button v-bind="menu.opener()" :aria-label="`More for ${id}`">⋯</button>
    </li>
  </ul>
  <div v-bind="menu.root" aria-label="Order">
    <button v-bind="menu.item('edit')">Edit</button>
    <button v-bind="{ ...menu.item('move'), ...move.branch() }">Move to</button>
    <div v-bind="move.root" aria-label="Move to">
      <button v-bind="move.item('today')">Today</button>
      <button v-bind="move.item('later')">Later</button>
    </div>
    <button v-bind="menu.item('strike')">Strike…</button>
  </div>
  <dialog v-bind="dialog.root" role="alertdialog">
    <h2>Strike {{ striking }}?</h2>
    <p>It is taken off the board, with its hours and its notes.</p>
    <button v-bind="dialog.closer('cancel')">Keep it</button>
    <button v-bind="dialog.closer('strike')">Strike</button>
  </dialog>
  <output>{{ picked }}</output>
</template>
