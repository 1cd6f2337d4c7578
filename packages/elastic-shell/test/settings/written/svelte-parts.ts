// A component in Svelte with a state as a pair, and items that are changed in place.
import { mount } from 'svelte';
import Parts from './Parts.svelte';

mount(Parts, { target: document.querySelector('#app')! });
Object.assign(globalThis, { ready: true });
