import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Orders } from './Orders';

createRoot(document.querySelector('#app')!).render(
  <StrictMode>
    <Orders />
  </StrictMode>,
);
