<script setup lang="ts">
// Strikes an order: asks for confirmation, then waits for the server.
import { useDialog } from 'elastic-shell/vue';
import { office, type Order, pounds } from 'quillhaven-gallery/office';

const props = defineProps<{ order: Order }>();
const emit = defineEmits<{ close: [isStruck: boolean] }>();
const strike = useDialog({
  open: true,
  size: 'narrow',
  guard: ({ value, result }) => value || result !== 'strike' || office.strike(props.order.id),
  onChange: ({ value, result }) => value || emit('close', result === 'strike'),
});
</script>

<template>
  <dialog v-bind="strike.root" role="alertdialog">
    <header>
      <h2>Strike order {{ order.id }}?</h2>
    </header>
    <div>
      <p>It is taken off the board, with its hours and its notes. This cannot be undone.</p>
      <dl class="facts">
        <div>
          <dt>Work</dt>
          <dd>{{ order.title }}</dd>
        </div>
        <div>
          <dt>Booked</dt>
          <dd>{{ order.hours }} hours, {{ pounds(order.cost) }}</dd>
        </div>
      </dl>
      <p role="alert" data-message class="failure"></p>
    </div>
    <footer>
      <button v-bind="strike.closer('cancel')">Keep order</button>
      <button v-bind="strike.closer('strike')" data-button="danger">
        {{ strike.busy ? 'Striking…' : 'Strike order' }}
      </button>
    </footer>
  </dialog>
</template>
