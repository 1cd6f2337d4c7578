<script setup lang="ts">
defineProps<{ id: string; title: string }>();
</script>

<template>
  <section :id="id" :aria-labelledby="`${id}-heading`">
    <h2 :id="`${id}-heading`">{{ title }}</h2>
    <slot />
  </section>
</template>
