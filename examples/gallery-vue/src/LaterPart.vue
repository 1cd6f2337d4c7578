<script setup lang="ts">
defineProps<{ of: string }>();
</script>

<template>
  <p>Came later, for {{ of }}.</p>
</template>
