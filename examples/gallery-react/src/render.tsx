// The gallery as HTML, for each request.
import { renderToString } from 'react-dom/server';
import { StrictMode } from 'react';
import { App } from './App';
import { Served } from './served';

export const render = () => ({
  app: renderToString(
    <StrictMode>
      <Served value={true}>
        <App />
      </Served>
    </StrictMode>,
  ),
  head: '',
});
