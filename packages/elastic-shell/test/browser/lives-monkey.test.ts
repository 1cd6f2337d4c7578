// The second monkey: a hand on a page whose owner moves, replaces, rewrites, unwires and wires everything again meanwhile.
import { openBare, useBrowser } from './support/browser';
import { act, lasting, mouseOf, seeded } from './support/hand';

const { open } = useBrowser();
const inputs = Number(process.env['LIVES_INPUTS'] ?? (process.env['LONG'] ? 4000 : 800));
const seed = Number(process.env['MONKEY_SEED'] ?? 20261);

it(`stands ${inputs} inputs from seed ${seed} while everything is moved, replaced, rewritten and wired again`, async () => {
  const { page, errors } = await openBare(open, '');
  const random = seeded(seed);
  const mouse = await mouseOf(page);
  await page.evaluate(() => shell.playground.start());
  const trail: string[] = [];
  for (let turn = 0; turn < inputs; turn++) {
    trail.push(
      random() < 0.3
        ? await page.evaluate((numbers) => shell.playground.act(numbers), Array.from({ length: 5 }, random))
        : await act(page, mouse, random),
    );
    const own = (): Promise<string[]> => page.evaluate(() => shell.playground.faults());
    const left = await lasting(page, errors, own);
    expect({ turn, last: left.length ? trail.slice(-14) : [], left }).toEqual({ turn, last: [], left: [] });
  }
  expect(await page.evaluate(() => shell.playground.end())).toEqual([]);
});
