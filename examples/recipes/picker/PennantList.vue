<script setup lang="ts">
// The pennants to pick from, as a grid that the arrow keys move through.
import type { Item } from 'elastic-shell';
import { useListbox } from 'elastic-shell/vue';
import { computed } from 'vue';
import './pennants.css';

const props = defineProps<{ pennants: readonly Item[] }>();
const selected = defineModel<string | undefined>();
const list = useListbox({ items: computed(() => props.pennants), layout: 'grid', selected });
</script>

<template>
  <div v-bind="list.root" aria-label="Pennants" class="pennants"></div>
</template>
