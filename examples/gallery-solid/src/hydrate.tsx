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
// Elements waited until Solid had taken the page over.
place.removeAttribute('data-wire-wait');
