// The monkey: seeded random keys, presses, moves and scrolls over the whole gallery, with invariants after each.
import { desk, useBrowser } from './support/browser';
import { act, lasting, mouseOf, seeded } from './support/hand';

const { open } = useBrowser();
const inputs = Number(process.env['MONKEY_INPUTS'] ?? (process.env['LONG'] ? 8000 : 1200));
const seed = Number(process.env['MONKEY_SEED'] ?? 20261);
const random = seeded(seed);

it(`stands ${inputs} inputs from seed ${seed}, lets go of everything by Escape, and is plain markup when unwired`, async () => {
  const { page, errors } = await open(desk('gallery.html'));
  const plain = () =>
    page.evaluate(() => {
      document.getElementById('unwire')!.click();
      const copy = document.querySelector('main')!.cloneNode(true) as HTMLElement;
      // What the page's own script writes, and what elements wire by themselves, is not the question.
      for (const each of copy.querySelectorAll(
        'output,[aria-live],shell-dialog,shell-disclosure,shell-popover,shell-accordion,shell-tabs,shell-carousel,shell-drawer,shell-tooltip,shell-switch',
      ))
        each.replaceChildren();
      // Buttons that the page itself toggles (examples/desk/src/gallery.ts and gallery-bars.ts).
      for (const each of copy.querySelectorAll(
        '#direction, #toolbar [aria-pressed], #toolbar [role=checkbox]',
      )) {
        each.removeAttribute('aria-pressed');
        each.removeAttribute('aria-checked');
      }
      return copy.innerHTML.replace(/ style=""/g, '').split('\n');
    });
  const before = await plain();
  await page.reload();
  await page.evaluate(() => {
    // The monkey must not leave the page by a link.
    addEventListener('click', (event) => {
      if ((event.target as Element).closest('a')) event.preventDefault();
    });
    // Nor unwire it, by a key or by a click on a random place: modal dialogs of the platform let Tab out. The test itself clicks
    // by script, which is not trusted.
    document.getElementById('unwire')!.addEventListener(
      'click',
      (event) => {
        if (event.isTrusted) event.stopImmediatePropagation();
      },
      true,
    );
  });
  const mouse = await mouseOf(page);
  const trail: string[] = [];
  for (let turn = 0; turn < inputs; turn++) {
    trail.push(await act(page, mouse, random));
    const left = await lasting(page, errors);
    expect({ turn, last: left.length ? trail.slice(-6) : [], left }).toEqual({ turn, last: [], left: [] });
  }
  // One of them is told to keep open whatever is pressed: it closes by its own button.
  await page.evaluate(() => {
    const kept = document.querySelector<HTMLDialogElement>('#kept-dialog')!;
    if (kept.open) kept.querySelector<HTMLElement>('[command=close]')!.click();
  });
  for (let turn = 0; turn < 12; turn++) {
    // While a guard waits for its server, Escape is rightly not heard.
    await page.waitForFunction(() => !document.querySelector(':is(dialog,[popover])[aria-busy=true]'));
    await page.keyboard.press('Escape');
  }
  expect(
    await page.evaluate(() =>
      [...document.querySelectorAll(':popover-open,dialog:modal')].map(
        (each) => `${each.localName}#${each.id}`,
      ),
    ),
  ).toEqual([]);
  expect(await plain()).toEqual(before);
});
