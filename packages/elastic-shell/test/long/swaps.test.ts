// A page whose main part a server renders 500 times, and that unwires nothing itself: in none of the four ways is anything kept.
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();
const swaps = Number(process.env['SWAPS'] ?? 500);

it.each(['replace', 'morphdom', 'idiomorph'])(
  `${swaps} times %s`,
  async (way) => {
    const { page } = await open(desk(`pages/boats?fresh&way=${way}`));
    await page.waitForSelector('html[data-ready]', { state: 'attached' });
    const session = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    // As a text: an import that this test's own compiler leaves alone.
    const run = (times: number): Promise<unknown> =>
      page.evaluate(`(async () => {
        const { show } = await import('/pages/updates.js');
        const main = document.getElementById('main');
        const texts = [];
        for (const path of ['/pages/', '/pages/boats'])
          texts.push(await (await fetch(path, { headers: { 'x-part': 'main' } })).text());
        for (let at = 0; at < ${times}; at++) {
          await show(main, texts[at % 2]);
          // Something is open when it goes.
          main.querySelector('li > button').click();
          await new Promise((resolve) => setTimeout(resolve));
        }
      })()`);
    const measure = async () => {
      for (let turn = 0; turn < 3; turn++) await session.send('HeapProfiler.collectGarbage');
      const { metrics } = await session.send('Performance.getMetrics');
      const of = (name: string): number => metrics.find((metric) => metric.name === name)!.value;
      return { nodes: of('Nodes'), listeners: of('JSEventListeners'), heap: of('JSHeapUsedSize') };
    };
    await run(50);
    const before = await measure();
    await run(swaps);
    const after = await measure();
    await session.detach();
    // Rows that the last swaps left may still be in the browser's caches: some thousand nodes, however many swaps there were.
    expect(after.nodes).toBeLessThan(before.nodes * 1.5);
    expect(after.listeners - before.listeners).toBeLessThan(12);
    expect(after.heap / before.heap).toBeLessThan(1.3);
  },
  1_200_000,
);
