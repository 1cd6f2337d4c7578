import { createSSRApp } from 'vue';
import App from './App.vue';
import { served } from './served';

createSSRApp(App).provide(served, true).mount('#app');
// Elements waited until Vue had taken the page over: they would write what it compares.
document.querySelector('#app')!.removeAttribute('data-wire-wait');
