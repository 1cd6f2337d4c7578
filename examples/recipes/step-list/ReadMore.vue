<script setup lang="ts">
// What follows a text, for those who want it.
import { useDisclosure } from 'elastic-shell/vue';

defineProps<{ text: string }>();
const more = useDisclosure({ elastic: 'block' });
</script>

<template>
  <div v-bind="more.root">
    <p>{{ text }}</p>
  </div>
  <button v-bind="more.opener()">{{ more.open ? 'Read less' : 'Read more' }}</button>
</template>
