import { hydrate } from 'solid-js/web';
import { App } from './App';
import { Served } from './served';

const place = document.querySelector('#app')!;
hydrate(
  () => (
    <Served.Provider value={true}>
      <App />
    </Served.Provider>
  ),
  place,
);
// Elements have waited until Solid has hydrated the page.
place.removeAttribute('data-wire-wait');
