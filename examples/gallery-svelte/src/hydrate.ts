import { hydrate } from 'svelte';
import App from './App.svelte';
import { served } from './served';

const target = document.querySelector('#app')!;
hydrate(App, { target, context: new Map([[served, true]]) });
// Elements have waited until Svelte has hydrated the page, because they would write attributes that it
// compares.
target.removeAttribute('data-wire-wait');
