// Shows the recipe that the address names, in React: react.html?recipe=dialog.
import './fragment';
import { type ComponentType, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { recipeWanted } from './wanted';

const all = import.meta.glob<Record<string, ComponentType>>('../*/react.tsx');
const { module, component } = await recipeWanted(all, 'react.tsx');
const Recipe = module[component];
if (Recipe)
  createRoot(document.querySelector('main')!).render(
    <StrictMode>
      <Recipe />
    </StrictMode>,
  );
