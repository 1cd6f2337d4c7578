// The switch in Chromium: on a button and on a checkbox, in a form, guarded.
import violations from './support/axe';
import { holdAnswers } from './support/answers';
import { changes, desk, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);

it.each(['Enter', 'Space'])('a button turns over by %s', async (key) => {
  const { page } = await gallery();
  await page.focus('#plain-switch');
  await page.keyboard.press(key);
  expect(await page.locator('#plain-switch').ariaSnapshot()).toBe('- switch "Quay lights" [checked]');
  await page.keyboard.press(key);
  expect(await page.getAttribute('#plain-switch', 'aria-checked')).toBe('false');
});

it.each([
  ['mouse', {}],
  ['touch', { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } }],
])('a checkbox turns over by %s, and by its label', async (_, options) => {
  const { page } = await gallery(options);
  const press = (selector: string) => ('hasTouch' in options ? page.tap(selector) : page.click(selector));
  await press('#box-switch');
  expect([
    await page.isChecked('#box-switch'),
    await page.getAttribute('#box-switch', 'data-checked'),
  ]).toEqual([false, 'false']);
  await press('#switch >> text=Pump');
  expect(await page.isChecked('#box-switch')).toBe(true);
});

it('takes part in its form, and goes back when that is reset', async () => {
  const { page } = await gallery();
  const sent = () =>
    page.evaluate(() =>
      new URLSearchParams([...new FormData(document.querySelector<HTMLFormElement>('#switch-form')!)] as [
        string,
        string,
      ][]).toString(),
    );
  expect(await sent()).toBe('pump=on');
  await page.click('#form-switch');
  await page.click('#box-switch');
  expect(await sent()).toBe('siren=loud');
  await page.click('text=As it was');
  await page.waitForFunction(() => document.getElementById('form-switch')!.ariaChecked === 'false');
  expect([await sent(), await page.getAttribute('#box-switch', 'data-checked')]).toEqual(['pump=on', 'true']);
});

it('waits for a server and says so, ignores presses meanwhile, goes over when allowed and stays when refused', async () => {
  const { page } = await gallery();
  const answer = await holdAnswers(page);
  await page.click('#slow-switch');
  await page.waitForSelector('#slow-switch[aria-busy=true]');
  await page.locator('#slow-switch').dispatchEvent('click');
  await answer();
  await page.waitForSelector('#slow-switch[aria-checked=true]');
  await page.check('#switch-fails');
  await page.click('#slow-switch');
  await page.waitForSelector('#slow-switch:not([aria-busy])');
  expect(await page.getAttribute('#slow-switch', 'aria-checked')).toBe('true');
});

it('a guarded checkbox shows what is, not what was wished', async () => {
  const { page } = await openBare(open, '<label><input type="checkbox" id="s"> S</label>');
  const seen = await page.evaluate(async () => {
    const box = document.getElementById('s') as HTMLInputElement;
    let answer!: (value: boolean) => void;
    shell.wire('switch', 's', { guard: () => new Promise((resolve) => (answer = resolve)) });
    box.click();
    const states = [box.checked];
    box.click();
    states.push(box.checked);
    answer(false);
    await new Promise((resolve) => setTimeout(resolve));
    states.push(box.checked);
    box.click();
    answer(true);
    await new Promise((resolve) => setTimeout(resolve));
    return [...states, box.checked];
  });
  expect(seen).toEqual([false, false, false, true]);
});

it('follows a cell both ways, tells why, is an element too, and leaves no trace', async () => {
  const { page } = await openBare(
    open,
    '<button id="s" aria-label="S"></button><shell-switch checked><button id="e" aria-label="E"></button></shell-switch>',
  );
  const seen = await page.evaluate(() => {
    const before = document.getElementById('s')!.outerHTML;
    const checked = shell.cell(false);
    const wired = shell.wire('switch', 's', { checked });
    document.getElementById('s')!.click();
    checked.set(false);
    wired.unwire();
    const element = document.querySelector('shell-switch') as HTMLElement & { checked: boolean };
    const states = [document.getElementById('e')!.ariaChecked, element.checked];
    element.checked = false;
    return [
      ...states,
      document.getElementById('e')!.ariaChecked,
      document.getElementById('s')!.outerHTML === before,
    ];
  });
  expect(seen).toEqual(['true', true, 'false', true]);
  expect(await changes(page)).toEqual(['s checked true key ', 's checked false program']);
});

it('needs a button or a checkbox', async () => {
  const { page } = await openBare(open, '<div id="s"></div>');
  const said = await page.evaluate(() => {
    try {
      shell.wire('switch', 's');
    } catch (error) {
      return (error as Error).message;
    }
  });
  expect(said).toMatch(/switch needs a <button> or an <input type="checkbox">, got <div id="s">/);
});

it('has no accessibility fault', async () => {
  const { page } = await gallery();
  expect(await violations(page, '#switch')).toEqual([]);
});
