// Shows the recipe that the address names, in Svelte: svelte.html?recipe=dialog.
import './fragment';
import { type Component, mount } from 'svelte';
import { recipeWanted } from './wanted';

const all = import.meta.glob<{ default: Component }>('../*/svelte.svelte');
const { module } = await recipeWanted(all, 'svelte.svelte');
mount(module.default, { target: document.querySelector('main')! });
