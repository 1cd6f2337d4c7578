<script setup lang="ts">
// Actions of a row, behind a button in it, and where the row is pressed for them.
import type { MenuPick } from 'elastic-shell';
import { useMenu } from 'elastic-shell/vue';
import { ref } from 'vue';

const orders = [
  { id: 'W1041', title: 'new rudder' },
  { id: 'W1042', title: 'windows' },
];
const picked = ref('');
const say = ({ key, about }: MenuPick) => {
  // What the menu is about: the button it was opened by, or where the row was pressed.
  picked.value = `${key} ${about?.closest('[data-order]')?.getAttribute('data-order') ?? ''}`;
};
const menu = useMenu({ context: '[data-order]', onPick: say });
const move = useMenu({ onPick: say });
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
  </div>
  <output>{{ picked }}</output>
</template>
