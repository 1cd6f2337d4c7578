<script setup lang="ts">
import type { Item } from 'elastic-shell';

defineProps<{ boat: Item }>();
</script>

<template>
  <b>{{ boat.label }}</b>
</template>
