import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Orders } from './Orders';

createRoot(document.querySelector('#app')!).render(
  <StrictMode>
    <BrowserRouter>
      <Orders />
    </BrowserRouter>
  </StrictMode>,
);
