// The gallery as HTML, for each request.
import { render as renderApp } from 'svelte/server';
import App from './App.svelte';
import { served } from './served';

export const render = () => {
  const { body, head } = renderApp(App, { context: new Map([[served, true]]) });
  return { app: body, head };
};
