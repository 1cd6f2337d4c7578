import { StrictMode } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { App } from './App';
import { Served } from './served';

hydrateRoot(
  document.querySelector('#app')!,
  <StrictMode>
    <Served value={true}>
      <App />
    </Served>
  </StrictMode>,
);
