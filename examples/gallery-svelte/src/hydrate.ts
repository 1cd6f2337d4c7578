import { hydrate } from 'svelte';
import App from './App.svelte';
import { served } from './served';

hydrate(App, { target: document.querySelector('#app')!, context: new Map([[served, true]]) });
