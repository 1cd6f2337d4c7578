// An application with a dialog of the platform alone.
import { mount } from 'svelte';
import App from './Without.svelte';

mount(App, { target: document.body });
