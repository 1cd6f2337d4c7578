import { StrictMode, useEffect } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { App } from './App';
import { Served } from './served';

const place = document.querySelector('#app')!;

/** Elements wait until React has taken the page over: they would write what it compares. */
function Ready() {
  useEffect(() => place.removeAttribute('data-wire-wait'), []);
  return null;
}

hydrateRoot(
  place,
  <StrictMode>
    <Served value={true}>
      <App />
      <Ready />
    </Served>
  </StrictMode>,
);
