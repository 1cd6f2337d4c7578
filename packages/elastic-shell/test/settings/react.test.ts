// React in the ways that people build it: for development, by its compiler, and in version 18.
import { desk, useBrowser } from '../browser/support/browser';
import { conform } from './support/conformance';
import { useMade, ways } from './support/react-made';
import { brief } from './support/rows';

const { open } = useBrowser();

it('is hydrated in development without a word: a server has written what React expects', async () => {
  const { page } = await open('about:blank');
  const said: string[] = [];
  page.on('console', (message) => message.type() !== 'info' && said.push(message.text()));
  await useMade(page, 'hydrate.tsx', { isDevelopment: true });
  await page.goto(desk('server/react.html'));
  await page.waitForSelector('#combobox-multiple [popover][data-phase]', { state: 'attached' });
  expect(said).toEqual([]);
});

// `npm run test:long -- conditions` runs every row.
for (const [words, making] of ways)
  conform(['react'], (row) => brief.has(row), undefined, {
    words,
    making: (page) => useMade(page, 'main.tsx', making),
  });
