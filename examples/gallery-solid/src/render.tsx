// The gallery as HTML, for each request.
import { generateHydrationScript, renderToString } from 'solid-js/web';
import { App } from './App';
import { Served } from './served';

export const render = ({ nonce }: { nonce: string }) => ({
  app: renderToString(() => (
    <Served.Provider value={true}>
      <App />
    </Served.Provider>
  )),
  // @ts-expect-error the types are those of a page, where it takes nothing
  head: generateHydrationScript({ nonce, eventNames: ['click', 'input'] }),
});
