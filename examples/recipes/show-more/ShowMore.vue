<script setup lang="ts">
// A long text that can be expanded. The label of the button follows the state.
import { useDisclosure } from 'elastic-shell/vue';

const more = useDisclosure({ elastic: 'block' });
</script>

<template>
  <div v-bind="more.root"><slot /></div>
  <button v-bind="more.opener()">{{ more.open ? 'Show less' : 'Show more' }}</button>
</template>
