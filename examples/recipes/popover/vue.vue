<script setup lang="ts">
// A popover beside its button. It can contain links and fields, and the page stays usable.
import { usePopover } from 'elastic-shell/vue';

const note = usePopover();
</script>

<template>
  <button v-bind="note.opener()">Berth four</button>
  <div v-bind="note.root">
    <h2>Berth four</h2>
    <p>Lies along the old quay wall and dries to mud at springs.</p>
    <p><a href="#chart">The chart</a> shows it.</p>
  </div>
</template>
