<script setup lang="ts">
import ShowMore from './ShowMore.vue';
</script>

<template>
  <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
  <ShowMore>
    <p>Its brake was renewed in spring. Nobody stands below the hook, and the sling is wetted first.</p>
  </ShowMore>
</template>
