<script setup lang="ts">
// The rows of a tree, each with the rows under it.
import type { useTree } from 'elastic-shell/vue';
import type { Place } from 'quillhaven-gallery/data';

defineProps<{ tree: ReturnType<typeof useTree>; places: readonly Place[] }>();
</script>

<template>
  <li
    v-for="{ key, label, places: within } in places"
    :key="key"
    v-bind="within ? tree.branch(key) : tree.leaf(key)"
  >
    {{ label }}
    <ul v-if="within" v-bind="tree.group">
      <TreeRows :tree="tree" :places="within" />
    </ul>
  </li>
</template>
