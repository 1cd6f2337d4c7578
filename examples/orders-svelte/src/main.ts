import { mount } from 'svelte';
import OrdersPage from './OrdersPage.svelte';

mount(OrdersPage, { target: document.querySelector('#app')! });
