// Shows the recipe that the address names, in Solid: solid.html?recipe=dialog.
import './fragment';
import type { Component } from 'solid-js';
import { render } from 'solid-js/web';
import { recipeWanted } from './wanted';

const all = import.meta.glob<Record<string, Component>>('../*/solid.tsx');
const { module, component } = await recipeWanted(all, 'solid.tsx');
const Recipe = module[component];
if (Recipe) render(() => <Recipe />, document.querySelector('main')!);
