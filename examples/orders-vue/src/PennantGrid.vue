<script setup lang="ts">
// The grid of pennants: a component of its own, loaded when it is needed.
import { useListbox } from 'elastic-shell/vue';
import type { NamedPennant } from 'quillhaven-gallery/office';
import { computed } from 'vue';
import PennantSign from './PennantSign.vue';

const props = defineProps<{ pennants: readonly NamedPennant[] }>();
const chosen = defineModel<NamedPennant>();
const grid = useListbox({
  layout: 'grid',
  activation: 'manual',
  selected: computed({
    get: () => chosen.value?.id,
    set: (id) => void (chosen.value = props.pennants.find((each) => each.id === id)),
  }),
});
</script>

<template>
  <div v-bind="grid.root" aria-label="Pennants" class="choices">
    <div
      v-for="pennant in pennants"
      :key="pennant.id"
      v-bind="grid.option(pennant.id)"
      :aria-label="pennant.name"
      :title="pennant.name"
    >
      <PennantSign :pennant="pennant" />
    </div>
  </div>
</template>
