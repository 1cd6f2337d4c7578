import { hydrate } from 'svelte';
import App from './App.svelte';
import { served } from './served';

const target = document.querySelector('#app')!;
hydrate(App, { target, context: new Map([[served, true]]) });
// Elements waited until Svelte had taken the page over: they would write what it compares.
target.removeAttribute('data-wire-wait');
