<script setup lang="ts">
// A switch that takes effect at once.
import { useSwitch } from 'elastic-shell/vue';
import { ref, useId } from 'vue';

const id = useId();
const isOn = ref(false);
const lights = useSwitch({ checked: isOn });
</script>

<template>
  <p>
    <button v-bind="lights.root" :aria-labelledby="id"></button>
    <span :id="id">Yard lights</span>
    <output>{{ isOn ? 'on' : 'off' }}</output>
  </p>
</template>
