<script setup lang="ts">
// A header with links in a row or, on a small screen, in a drawer.
import { useDrawer } from 'elastic-shell/vue';
import './site-header.css';

const places = ['Orders', 'Berths', 'Parts'];
const drawer = useDrawer({ closedWhen: '(min-width: 48em)', size: 'narrow' });
</script>

<template>
  <header class="site-header">
    <strong>Quillhaven</strong>
    <button v-bind="drawer.opener()">Menu</button>
    <nav aria-label="Yard" class="site-links">
      <a v-for="name in places" :key="name" :href="`#${name.toLowerCase()}`">{{ name }}</a>
    </nav>
    <dialog v-bind="drawer.root">
      <header>
        <h2>Yard</h2>
        <button v-bind="drawer.closer()" aria-label="Close">×</button>
      </header>
      <nav aria-label="Yard" class="drawer-links">
        <!-- A link within the page closes the drawer. -->
        <a v-for="name in places" :key="name" :href="`#${name.toLowerCase()}`" @click="drawer.close()">{{
          name
        }}</a>
      </nav>
    </dialog>
  </header>
</template>
