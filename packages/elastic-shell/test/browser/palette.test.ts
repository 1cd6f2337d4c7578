// The skin's colours: their contrast holds for any hue, in light and in dark, by the formula of WCAG 2.2.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const styles = join(__dirname, '../../dist/styles');
const skin = readFileSync(join(styles, 'skin.css'), 'utf8');
const controls = readFileSync(join(styles, 'controls.css'), 'utf8');

/** What is drawn on what, and how much contrast it needs: 4.5 for text, 3 for boundaries, marks and the ring of focus. */
const pairs: [string, string[], number][] = [
  ['text', ['surface', 'sunken', 'selected'], 4.5],
  ['text-soft', ['surface', 'sunken', 'selected'], 4.5],
  ['accent', ['surface', 'sunken', 'selected'], 4.5],
  ['danger', ['surface', 'sunken'], 4.5],
  ['on-accent', ['accent'], 4.5],
  ['on-danger', ['danger'], 4.5],
  ['surface', ['text'], 4.5],
  ['border', ['surface', 'sunken'], 3],
  ['mark', ['surface', 'sunken', 'selected'], 3],
];

/** Pairs that have too little contrast, with the hue. */
const faint = (page: Page, hues: number[]): Promise<string[]> =>
  page.evaluate(
    ([wanted, all]) => {
      const context = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
      const probe = document.body.appendChild(document.createElement('i'));
      const luminance = (role: string): number => {
        probe.style.color = `var(--shell-color-${role})`;
        context.fillStyle = getComputedStyle(probe).color;
        context.fillRect(0, 0, 1, 1);
        const [red, green, blue] = [...context.getImageData(0, 0, 1, 1).data].map((part) => {
          const share = part / 255;
          return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
        });
        return 0.2126 * red! + 0.7152 * green! + 0.0722 * blue!;
      };
      const { style } = document.documentElement;
      const found: string[] = [];
      for (const hue of all) {
        for (const name of ['hue', 'mark-hue', 'danger-hue']) style.setProperty(`--shell-${name}`, `${hue}`);
        for (const [role, grounds, least] of wanted)
          for (const ground of grounds) {
            const [low, high] = [luminance(role), luminance(ground)].sort((one, other) => one - other);
            const contrast = (high! + 0.05) / (low! + 0.05);
            if (contrast < least) found.push(`hue ${hue}: ${role} on ${ground} ${contrast.toFixed(2)}`);
          }
      }
      return found;
    },
    [pairs, hues] as const,
  );

it.each(['light', 'dark'])('have enough contrast in %s, whatever the hue', async (scheme) => {
  const { page } = await openBare(open, '');
  await page.addStyleTag({ content: `:root { color-scheme: ${scheme} } ${skin}` });
  const hues = Array.from({ length: 24 }, (_, at) => at * 15);
  expect(await faint(page, hues)).toEqual([]);
});

it('follow a choice: all of the page, or a part of it that has a palette of its own', async () => {
  const { page } = await openBare(
    open,
    '<button data-button="primary">A</button><div data-palette id="part"><button data-button="primary">B</button></div>',
  );
  await page.addStyleTag({ content: skin });
  const grounds = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('button')].map((each) => getComputedStyle(each).backgroundColor),
    );
  await page.evaluate(() => document.documentElement.style.setProperty('--shell-hue', '140'));
  expect(await grounds()).toEqual(['oklch(0.43 0.075 140)', 'oklch(0.43 0.075 140)']);
  await page.evaluate(() => document.getElementById('part')!.style.setProperty('--shell-hue', '300'));
  expect(await grounds()).toEqual(['oklch(0.43 0.075 140)', 'oklch(0.43 0.075 300)']);
});

describe('controls.css', () => {
  const markup = `
    <div data-controls id="in"><form><button type="button">B</button><input value="i" aria-label="I"><select aria-label="S"><option>o</option></select><button>Send</button></form></div>
    <div id="out"><button>B</button><input value="i" aria-label="I"></div>`;

  it('gives controls one height, by the density, and marks the button that Enter presses', async () => {
    const { page } = await openBare(open, markup);
    await page.addStyleTag({ content: controls });
    const heights = () =>
      page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('#in button, #in input, #in select')].map(
          ({ offsetHeight }) => offsetHeight,
        ),
      );
    expect(await heights()).toEqual([36, 36, 36, 36]);
    await page.evaluate(() => document.getElementById('in')!.setAttribute('data-density', 'touch'));
    expect(await heights()).toEqual([44, 44, 44, 44]);
    const grounds = await page.evaluate(() =>
      [...document.querySelectorAll('#in button')].map((each) => getComputedStyle(each).backgroundColor),
    );
    expect(grounds[1]).toBe('oklch(0.43 0.075 220)');
    expect(grounds[0]).not.toBe(grounds[1]);
  });

  it('leaves alone what is outside of the attribute', async () => {
    const { page } = await openBare(open, markup);
    const look = () =>
      page.evaluate(() =>
        [...document.querySelectorAll('#out *')].flatMap((each) => {
          const style = getComputedStyle(each);
          return [...style]
            .filter((name) => !name.startsWith('--'))
            .map((name) => style.getPropertyValue(name));
        }),
      );
    const before = await look();
    await page.addStyleTag({ content: controls });
    expect(await look()).toEqual(before);
  });
});
