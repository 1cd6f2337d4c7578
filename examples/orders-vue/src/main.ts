import { createApp } from 'vue';
import { createRouter, createWebHistory } from 'vue-router';
import OrdersPage from './OrdersPage.vue';

// One page for every address: only its query changes.
const router = createRouter({
  history: createWebHistory(),
  routes: [{ path: '/:page(.*)*', component: OrdersPage }],
});
createApp(OrdersPage).use(router).mount('#app');
