<script setup lang="ts">
// Wrong uses in Vue, and the first line of each error.
import { ref } from 'vue';
import { useDialog, useTabs } from 'elastic-shell/vue';

const count = ref(0);
// says: Object literal may only specify known properties, and 'outsid' does not exist in type 'Given<UseDialogOptions>'.
const dialog = useDialog({ outsid: 'keep' });
// says: Type 'Ref<number, number>' is not assignable to type 'StateOption<string | undefined> | StateRef<string | undefined>'.
const tabs = useTabs({ selected: count });
// says: Type 'number' is not assignable to type 'string'.
tabs.selected = 7;
// says: Property 'hide' does not exist on type 'DialogHandle'.
dialog.hide();
</script>

<template>
  <dialog v-bind="dialog.root" />
  <!-- says: Argument of type 'number' is not assignable to parameter of type 'string'. -->
  <div v-bind="tabs.panel(1)" />
</template>
