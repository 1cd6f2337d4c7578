<script setup lang="ts">
// A button that shows and hides text. Find-in-page finds the hidden text and shows it.
import { useDisclosure } from 'elastic-shell/vue';

const place = useDisclosure({ elastic: 'block' });
</script>

<template>
  <button v-bind="place.opener()">Where the ladder is</button>
  <div v-bind="place.root">
    <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
  </div>
</template>
