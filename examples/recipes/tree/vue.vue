<script setup lang="ts">
// Nested lists as a tree view. Arrow keys move, expand and collapse.
import { useTree } from 'elastic-shell/vue';

const yard = [
  {
    key: 'sheds',
    label: 'Sheds',
    places: [
      { key: 'loft', label: 'Sail loft' },
      { key: 'smithy', label: 'Smithy' },
    ],
  },
  {
    key: 'slips',
    label: 'Slips',
    places: [
      { key: 'great', label: 'Great slip' },
      { key: 'little', label: 'Little slip' },
    ],
  },
  { key: 'quay', label: 'Quay' },
];
const tree = useTree();
</script>

<template>
  <ul v-bind="tree.root" aria-label="Yard">
    <li v-for="{ key, label, places } in yard" :key="key" v-bind="places ? tree.branch(key) : tree.leaf(key)">
      {{ label }}
      <ul v-if="places" v-bind="tree.group">
        <li v-for="place in places" :key="place.key" v-bind="tree.leaf(place.key)">{{ place.label }}</li>
      </ul>
    </li>
  </ul>
</template>
