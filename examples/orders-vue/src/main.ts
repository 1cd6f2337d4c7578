import { createApp } from 'vue';
import OrdersPage from './OrdersPage.vue';

createApp(OrdersPage).mount('#app');
