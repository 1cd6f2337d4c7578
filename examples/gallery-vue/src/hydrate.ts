import { createSSRApp } from 'vue';
import App from './App.vue';
import { served } from './served';

createSSRApp(App).provide(served, true).mount('#app');
// Elements have waited until Vue has hydrated the page, because they would write attributes that it compares.
document.querySelector('#app')!.removeAttribute('data-wire-wait');
