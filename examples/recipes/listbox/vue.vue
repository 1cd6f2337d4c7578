<script setup lang="ts">
// A listbox. A form submits its value under the name "rig".
import { useListbox } from 'elastic-shell/vue';
import { ref, useId } from 'vue';

const rigs = [
  { key: 'cutter', label: 'Cutter' },
  { key: 'ketch', label: 'Ketch' },
  { key: 'sloop', label: 'Sloop' },
  { key: 'yawl', label: 'Yawl', disabled: true },
];
const id = useId();
const rig = ref<string>();
const list = useListbox({ name: 'rig', items: rigs, selected: rig });
</script>

<template>
  <form>
    <p :id="id">Rig</p>
    <div v-bind="list.root" :aria-labelledby="id"></div>
    <output>{{ rig }}</output>
  </form>
</template>
