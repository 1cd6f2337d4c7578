import { createSSRApp } from 'vue';
import App from './App.vue';
import { served } from './served';

createSSRApp(App).provide(served, true).mount('#app');
