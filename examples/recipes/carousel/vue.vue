<script setup lang="ts">
// Slides side by side. Slides out of view are inert. Swiping scrolls, and the buttons follow.
import { useCarousel } from 'elastic-shell/vue';

const plates = [
  { key: 'bow', text: 'The bow: sound, but for the stem band.' },
  { key: 'keel', text: 'The keel: two bolts weep.' },
  { key: 'stern', text: 'The stern: the rudder is new.' },
];
const carousel = useCarousel();
</script>

<template>
  <section v-bind="carousel.root" aria-label="Survey plates">
    <p>
      <button v-bind="carousel.previousButton">Previous plate</button>
      <button v-bind="carousel.nextButton">Next plate</button>
    </p>
    <div v-bind="carousel.slides">
      <div v-for="{ key, text } in plates" :key="key" v-bind="carousel.slide(key)">
        <p>{{ text }}</p>
      </div>
    </div>
  </section>
</template>
