// The same with the first dialog of the library.
import { mount } from 'svelte';
import App from './With.svelte';

mount(App, { target: document.body });
