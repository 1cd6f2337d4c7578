import { createApp } from 'vue';
import { createRouter, createWebHistory } from 'vue-router';
import OrdersPage from './OrdersPage.vue';

// One page, wherever it is served: what changes is its query.
const router = createRouter({
  history: createWebHistory(),
  routes: [{ path: '/:page(.*)*', component: OrdersPage }],
});
createApp(OrdersPage).use(router).mount('#app');
