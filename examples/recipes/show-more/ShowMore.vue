<script setup lang="ts">
// A long text that begins short. The button's words follow the state, whoever changed it.
import { useDisclosure } from 'elastic-shell/vue';

const more = useDisclosure({ elastic: 'block' });
</script>

<template>
  <div v-bind="more.root"><slot /></div>
  <button v-bind="more.opener()">{{ more.open ? 'Show less' : 'Show more' }}</button>
</template>
