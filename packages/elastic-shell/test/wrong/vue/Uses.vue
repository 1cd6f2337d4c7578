<script setup lang="ts">
// Wrong uses in Vue, and the first line of each error.
import { ref } from 'vue';
import { Rows, useDialog, useListbox, useTabs } from 'elastic-shell/vue';

const count = ref(0);
// says: Object literal may only specify known properties, and 'outsid' does not exist in type 'Given<UseDialogOptions>'.
const dialog = useDialog({ outsid: 'keep' });
// says: Type 'Ref<number, number>' is not assignable to type 'StateOption<string | undefined> | StateRef<string | undefined>'.
const tabs = useTabs({ selected: count });
// says: Type 'number' is not assignable to type 'string'.
tabs.selected = 7;
// says: Property 'hide' does not exist on type 'DialogHandle'.
dialog.hide();
const listbox = useListbox({ items: [{ key: 'a', label: 'A', berth: 7 }] });
</script>

<template>
  <dialog v-bind="dialog.root" />
  <!-- says: Argument of type 'number' is not assignable to parameter of type 'string'. -->
  <div v-bind="tabs.panel(1)" />
  <!-- says: Property 'draught' does not exist on type '{ key: string; label: string; berth: number; }'. -->
  <Rows v-slot="{ item }" :of="listbox">{{ item.draught }}</Rows>
  <!-- says: Type 'DialogHandleIn<Part>' has no properties in common with type 'RowsOf<unknown>'. -->
  <Rows :of="dialog" />
</template>
