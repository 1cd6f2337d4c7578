import { hydrate } from 'solid-js/web';
import { App } from './App';
import { Served } from './served';

hydrate(
  () => (
    <Served.Provider value={true}>
      <App />
    </Served.Provider>
  ),
  document.querySelector('#app')!,
);
