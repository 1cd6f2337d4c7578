<script setup lang="ts">
// The yard's orders: a list from state, striking that waits for the server, and a drawer on a phone. A router
// keeps the current page in the address. The other page is kept alive.
import { useDrawer, useTabs } from 'elastic-shell/vue';
import { boatOf, day, office, type Order, pounds } from 'quillhaven-gallery/office';
import { computed, ref, shallowRef, watchEffect } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import EditOrder from './EditOrder.vue';
import NotesPage from './NotesPage.vue';
import PennantSign from './PennantSign.vue';
import StrikeOrder from './StrikeOrder.vue';

const places = [
  ['../gallery/vue.html', 'Gallery'],
  ['../desk.html', 'The plain desk'],
];
const sections = useDrawer({ closedWhen: '(min-width: 48rem)' });

const orders = shallowRef(office.orders());
const said = ref('');
const isFailing = ref(false);
watchEffect(() => void (office.failing = isFailing.value));

const route = useRoute();
const router = useRouter();
const view = computed({
  get: () => `${route.query['view'] ?? 'orders'}`,
  set: (key: string) => void router.push({ query: key === 'orders' ? {} : { view: key } }),
});
const pages = useTabs({ selected: view });

const striking = shallowRef<Order>();
const editing = shallowRef<Order>();
function struck({ id }: Order, isStruck: boolean) {
  striking.value = undefined;
  if (isStruck) tell(`Order ${id} was struck.`);
}
function saved(order?: Order) {
  editing.value = undefined;
  if (order) tell(`Order ${order.id} was saved.`);
}
function tell(words: string) {
  orders.value = office.orders();
  said.value = words;
}
</script>

<template>
  <header class="topbar">
    <p class="brand">Quillhaven <span>orders in Vue</span></p>
    <button v-bind="sections.opener()" id="menu">Sections</button>
    <nav aria-label="Desk">
      <a v-for="[to, name] in places" :key="to" :href="to">{{ name }}</a>
    </nav>
    <label><input v-model="isFailing" type="checkbox" /> Server fails</label>
  </header>
  <dialog v-bind="sections.root" class="sections">
    <header>
      <h2>Sections</h2>
      <button v-bind="sections.closer()" aria-label="Close">×</button>
    </header>
    <nav aria-label="Sections">
      <a v-for="[to, name] in places" :key="to" :href="to">{{ name }}</a>
    </nav>
  </dialog>

  <main v-bind="pages.root">
    <div v-bind="pages.list" aria-label="Pages">
      <button v-bind="pages.tab('orders')">Orders</button>
      <button v-bind="pages.tab('notes')">Notes</button>
    </div>
    <div v-bind="pages.panel('orders')">
      <h1>
        Work orders <span id="count">{{ orders.length }}</span>
      </h1>
      <p id="status" role="status">{{ said }}</p>
      <ol class="orders" aria-label="Work orders">
        <li v-for="order in orders" :key="order.id" class="order">
          <span class="number">{{ order.id }}</span>
          <strong class="work">{{ order.title }}</strong>
          <span class="boat">
            <PennantSign :pennant="boatOf(order.boat).pennant" />{{ boatOf(order.boat).name }}
          </span>
          <span class="state" :data-state="order.state">{{ order.state }}</span>
          <time class="due" :datetime="order.due">{{ day(order.due) }}</time>
          <span class="hours">{{ order.hours }} h</span>
          <span class="cost">{{ pounds(order.cost) }}</span>
          <span class="actions">
            <button
              type="button"
              data-button="quiet"
              class="edit"
              :aria-label="`Edit order ${order.id}`"
              @click="editing = order"
            >
              Edit order
            </button>
            <button
              type="button"
              data-button="quiet"
              class="strike"
              :aria-label="`Strike order ${order.id}…`"
              @click="striking = order"
            >
              Strike order…
            </button>
          </span>
          <span class="trades">{{ order.trades.join(', ') }}</span>
        </li>
      </ol>
    </div>
    <div v-bind="pages.panel('notes')">
      <KeepAlive><NotesPage v-if="view === 'notes'" /></KeepAlive>
    </div>
  </main>

  <StrikeOrder v-if="striking" :order="striking" @close="struck(striking, $event)" />
  <EditOrder v-if="editing" :order="editing" @close="saved" />
</template>
