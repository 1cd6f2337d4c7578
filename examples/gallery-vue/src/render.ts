// The gallery as HTML, for each request.
import { renderToString } from 'vue/server-renderer';
import { createSSRApp } from 'vue';
import App from './App.vue';
import { served } from './served';

export const render = async () => ({
  app: await renderToString(createSSRApp(App).provide(served, true)),
  head: '',
});
