<script setup lang="ts">
// The commands of a boatyard, in a row of menus.
import { useMenu, useMenubar } from 'elastic-shell/vue';
import { ref } from 'vue';

const picked = ref('');
const onPick = ({ key }: { key: string }) => {
  picked.value = key;
};
const bar = useMenubar();
const order = useMenu({ onPick });
const boat = useMenu({ onPick });
</script>

<template>
  <div v-bind="bar.root" aria-label="Yard">
    <button v-bind="{ ...bar.item('order'), ...order.opener() }">Order</button>
    <button v-bind="{ ...bar.item('boat'), ...boat.opener() }">Boat</button>
    <button v-bind="bar.item('help')" @click="picked = 'help'">Help</button>
  </div>
  <div v-bind="order.root" aria-label="Order">
    <button v-bind="order.item('new')">New</button>
    <button v-bind="order.item('strike')">Strike</button>
  </div>
  <div v-bind="boat.root" aria-label="Boat">
    <button v-bind="boat.item('lift')">Lift</button>
    <button v-bind="boat.item('launch')">Launch</button>
  </div>
  <output>{{ picked }}</output>
</template>
