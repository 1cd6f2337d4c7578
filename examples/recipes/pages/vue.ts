// Shows the recipe that the address names, in Vue: vue.html?recipe=dialog.
import './fragment';
import { type Component, createApp } from 'vue';
import { recipeWanted } from './wanted';

const all = import.meta.glob<{ default: Component }>('../*/vue.vue');
const { module } = await recipeWanted(all, 'vue.vue');
createApp(module.default).mount('main');
