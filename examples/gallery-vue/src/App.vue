<script setup lang="ts">
import ChoicesPart from './ChoicesPart.vue';
import CollectionsPart from './CollectionsPart.vue';
import ElementsPart from './ElementsPart.vue';
import LayersPart from './LayersPart.vue';
import OwnersPart from './OwnersPart.vue';
</script>

<template>
  <LayersPart />
  <CollectionsPart />
  <ChoicesPart />
  <OwnersPart />
  <ElementsPart />
</template>
