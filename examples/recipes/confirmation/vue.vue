<script setup lang="ts">
import { ref } from 'vue';
import ConfirmDialog from './ConfirmDialog.vue';

const isStruck = ref(false);
const strike = async () => {
  const response = await fetch('/yard/orders/W1041', { method: 'DELETE' });
  if (!response.ok) throw new Error('The office did not answer. The order still stands.');
  isStruck.value = true;
};
</script>

<template>
  <div>
    <ConfirmDialog
      opener="Strike order…"
      question="Strike order W1041?"
      keep="Keep it"
      confirm="Strike it"
      confirming="Striking…"
      :on-confirm="strike"
    >
      <p>“New rudder for Curlew” is taken off the list for good.</p>
    </ConfirmDialog>
    <output>{{ isStruck ? 'Struck.' : '' }}</output>
  </div>
</template>
