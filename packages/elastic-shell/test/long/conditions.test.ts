// Every row of every contract in the plain gallery as people use it who do not sit at a wide screen with things as they come: colours
// forced, things that move, text twice as large, a screen of 320 px, text from right to left.
import { browserName } from '../browser/support/browser';
import { type Conditions, conform } from '../settings/support/conformance';
import { useMade, ways } from '../settings/support/react-made';

const conditions: Record<string, Conditions> = {
  'forced colours': { options: { forcedColors: 'active' } },
  'with motion': { options: { reducedMotion: 'no-preference' } },
  'text of 200 %': {
    before: (page) => page.evaluate(() => (document.documentElement.style.fontSize = '200%')),
  },
  '320 px': { options: { viewport: { width: 320, height: 640 } } },
  'right to left': { rtl: true },
};

/** Where a condition makes a row another one: a menu with text twice as large is longer than the screen, and a page of it is less than all. */
const otherwise: Record<string, readonly string[]> = {
  'text of 200 %': ['menu item PageDown', 'menu item PageUp'],
};

describe.each(Object.entries(conditions))('%s', (name, condition) => {
  conform(['plain'], (row) => !otherwise[name]?.includes(row), undefined, condition);
});

// And in React as people have it who have another version, or its compiler.
if (browserName === 'chromium')
  for (const [words, making] of ways)
    conform(['react'], () => true, undefined, {
      words,
      making: (page) => useMade(page, 'main.tsx', making),
    });
