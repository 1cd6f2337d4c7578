<script setup lang="ts">
// Site navigation in a drawer, which closes when the window is wide enough for a permanent navigation.
import { useDrawer } from 'elastic-shell/vue';

const sections = ['Orders', 'Berths', 'Parts'];
const drawer = useDrawer({ closedWhen: '(min-width: 90em)' });
</script>

<template>
  <button v-bind="drawer.opener()">Sections</button>
  <dialog v-bind="drawer.root">
    <header>
      <h2>Sections</h2>
      <button v-bind="drawer.closer()" aria-label="Close">×</button>
    </header>
    <nav aria-label="Sections">
      <ul>
        <li v-for="name in sections" :key="name">
          <a :href="`#${name.toLowerCase()}`">{{ name }}</a>
        </li>
      </ul>
    </nav>
  </dialog>
</template>
