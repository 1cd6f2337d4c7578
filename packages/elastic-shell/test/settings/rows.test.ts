// Rows by components: as many live ones as there are rows on the page, however far was scrolled.
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

it.each(['elements', 'react', 'vue', 'svelte', 'solid', 'angular'])(
  '%s: after 30 screens there is a component a row',
  async (name) => {
    const { page } = await open(desk(`gallery/${name}.html`));
    const list = page.locator('[aria-label=Rivets]');
    await list.locator('.rivet').first().waitFor();
    for (let screen = 1; screen <= 30; screen++) {
      await list.evaluate((element, at) => element.scrollTo(0, at * element.clientHeight), screen);
      await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(resolve)));
    }
    const counted = () =>
      list.evaluate((element) => {
        const rows = [...element.querySelectorAll('[role=option]')];
        const said = rows.map((row) => row.querySelectorAll('.rivet').length);
        return {
          rows: rows.length,
          components: element.querySelectorAll('.rivet').length,
          each: [...new Set(said)],
        };
      });
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[aria-label=Rivets] [role=option]')].every((row) =>
        row.querySelector('.rivet'),
      ),
    );
    const { rows, components, each } = await counted();
    expect({ components, each }).toEqual({ components: rows, each: [1] });
    expect(rows).toBeLessThan(60);
  },
);
