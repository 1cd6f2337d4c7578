// The page that a server renders and the browser hydrates. It is one tree, because React derives ids from the
// positions of components in it.
import { StrictMode, useEffect } from 'react';
import { App } from './App';
import { Served } from './served';

export function ServedPage({ onReady }: { onReady?: () => void }) {
  useEffect(() => onReady?.(), [onReady]);
  return (
    <StrictMode>
      <Served.Provider value={true}>
        <App />
      </Served.Provider>
    </StrictMode>
  );
}
