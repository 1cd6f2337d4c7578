<!-- What docs/guides/forms.md shows. -->
<script setup lang="ts">
import { useListbox } from 'elastic-shell/vue';

const rig = useListbox({ name: 'rig', selected: 'gaff' });
</script>

<template>
  <form action="/boats">
    <div v-bind="rig.root" aria-label="Rig">
      <div v-bind="rig.option('gaff')">Gaff</div>
      <div v-bind="rig.option('lug')">Lug</div>
    </div>
    <button>Save</button>
  </form>
</template>
