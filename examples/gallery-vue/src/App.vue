<script setup lang="ts">
import BarsPart from './BarsPart.vue';
import ChoicesPart from './ChoicesPart.vue';
import CollectionsPart from './CollectionsPart.vue';
import ElementsPart from './ElementsPart.vue';
import LayersPart from './LayersPart.vue';
import OwnersPart from './OwnersPart.vue';
</script>

<template>
  <LayersPart />
  <CollectionsPart />
  <BarsPart />
  <ChoicesPart />
  <OwnersPart />
  <ElementsPart />
</template>
