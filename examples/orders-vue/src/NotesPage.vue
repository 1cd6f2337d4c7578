<script setup lang="ts">
// Notes for the yard, which Vue keeps alive while the orders are shown.
import { useDisclosure, useSwitch } from 'elastic-shell/vue';
import { ref } from 'vue';

const notes = ref<string[]>([]);
const isUrgent = ref(false);
const urgent = useSwitch({ checked: isUrgent });
const help = useDisclosure();

function add({ target }: Event) {
  if (!(target instanceof HTMLFormElement)) return;
  const note = `${new FormData(target).get('note')}`;
  notes.value.push(isUrgent.value ? `Urgent: ${note}` : note);
  target.reset();
}
</script>

<template>
  <form class="note" @submit.prevent="add">
    <label>Note <input name="note" required maxlength="80" autocomplete="off" /></label>
    <span
      ><button v-bind="urgent.root" aria-labelledby="urgent"></button> <span id="urgent">Urgent</span></span
    >
    <button data-button="primary">Add note</button>
  </form>
  <button v-bind="help.opener()">{{ help.open ? 'Hide help' : 'Who reads this?' }}</button>
  <p v-bind="help.root">Everybody in the yard, on the board beside the slip.</p>
  <ul aria-label="Notes">
    <li v-for="note in notes" :key="note">{{ note }}</li>
  </ul>
</template>
