<script setup lang="ts">
// A switch for dark mode, which the browser remembers.
import { useSwitch } from 'elastic-shell/vue';
import { ref, useId, watch } from 'vue';

const id = useId();
const kept = localStorage.getItem('dark-look');
const isDark = ref(kept ? kept === 'true' : matchMedia('(prefers-color-scheme: dark)').matches);
const look = useSwitch({ checked: isDark });
watch(
  isDark,
  (dark) => {
    document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
    localStorage.setItem('dark-look', String(dark));
  },
  { immediate: true },
);
</script>

<template>
  <p><button v-bind="look.root" :aria-labelledby="id"></button> <span :id="id">Dark</span></p>
</template>
