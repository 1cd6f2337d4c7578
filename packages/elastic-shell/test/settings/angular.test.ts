// What only Angular has: controls of forms, states on the host, and applications with zones.
import type { Page } from 'playwright-core';
import { holdAnswers } from '../browser/support/answers';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const gallery = async (search = ''): Promise<Page> => {
  const { page } = await open(desk(`gallery/angular.html${search}`));
  await page.waitForSelector('#forms [role=switch][data-wired]');
  return page;
};
const about = (page: Page, name: string, text: string): Promise<unknown> =>
  page.locator(`[data-about=${name}]`, { hasText: text }).waitFor();
const pristine = 'pristine untouched valid';
const press = (page: Page, name: string): Promise<void> =>
  page.locator('#forms').getByRole('button', { name, exact: true }).click();

describe.each(['', '?zones'])('in an application%s', (search) => {
  it('a control holds the state: what it is given is no change of the user', async () => {
    const page = await gallery(search);
    await about(page, 'lights', `true ${pristine}`);
    await about(page, 'berth', `"quay" ${pristine}`);
    expect(await page.inputValue('#forms [role=combobox]')).toBe('Quay');
    expect(await page.getAttribute('#forms [role=switch]', 'aria-checked')).toBe('true');
    await press(page, 'Fill the form');
    await about(page, 'lights', `false ${pristine}`);
    await about(page, 'gear', `[] ${pristine}`);
    await page.waitForSelector('#forms [role=switch][aria-checked=false]');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('#forms [role=combobox]')!.value === 'Mole',
    );
    await about(page, 'berth', `"mole" ${pristine}`);
  });

  it('hears what the user does, and that it was left', async () => {
    const page = await gallery(search);
    await page.click('#forms [aria-label="Mooring lights"]');
    await about(page, 'lights', 'false dirty untouched valid');
    await page.keyboard.press('Tab');
    await about(page, 'lights', 'false dirty touched valid');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await about(page, 'berth', '"slip" dirty untouched valid');
    await page.click('#forms [data-key=fender]');
    await about(page, 'gear', '["anchor","fender"] dirty');
    await about(page, 'berth', '"slip" dirty touched valid');
  });

  it('is put back by the form, as Angular says', async () => {
    const page = await gallery(search);
    await page.click('#forms [aria-label="Mooring lights"]');
    await page.click('#forms [data-key=fender]');
    await about(page, 'gear', '["anchor","fender"] dirty');
    await press(page, 'Put the form back');
    await about(page, 'lights', `true ${pristine}`);
    await about(page, 'gear', `["anchor"] ${pristine}`);
    await about(page, 'berth', 'null pristine untouched invalid');
    await page.waitForSelector('#forms [role=switch][aria-checked=true]');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('#forms [role=combobox]')!.value === '',
    );
    // Nothing of it comes back in the next tasks, in which the engine follows the platform's reset.
    await page.evaluate(
      () => new Promise((resolve) => setTimeout(() => setTimeout(() => requestAnimationFrame(resolve)))),
    );
    await about(page, 'berth', 'null pristine untouched invalid');
    await about(page, 'lights', `true ${pristine}`);
  });

  it('is disabled by its control, and says that it is invalid once it was touched', async () => {
    const page = await gallery(search);
    await press(page, 'Disable the form');
    await page.waitForSelector('#forms [role=switch]:disabled');
    expect(await page.isDisabled('#forms [role=combobox]')).toBe(true);
    expect(await page.getAttribute('[aria-label="Gear aboard"]', 'aria-disabled')).toBe('true');
    await page.click('#forms [data-key=fender]', { force: true });
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(resolve)));
    await about(page, 'gear', '["anchor"] pristine');
    await press(page, 'Enable the form');
    await page.waitForSelector('#forms [role=switch]:enabled');
    await press(page, 'Leave the berth');
    await about(page, 'berth', 'null pristine untouched invalid');
    expect(await page.getAttribute('#forms [role=combobox]', 'aria-invalid')).toBe(null);
    await page.focus('#forms [role=combobox]');
    await page.keyboard.press('Tab');
    await page.waitForSelector('#forms [role=combobox][aria-invalid=true]');
  });

  it('is a control of a form that the template drives', async () => {
    const page = await gallery(search);
    const said = page.locator('[data-case=template] output');
    await page.locator('[data-case=template] output', { hasText: 'false pristine' }).waitFor();
    await page.click('[aria-label=Urgent]');
    await page.locator('[data-case=template] output', { hasText: 'true dirty' }).waitFor();
    expect(await said.textContent()).toBe('true dirty');
  });

  it('says its states on the host, however they came about', async () => {
    const page = await gallery(search);
    const popover = page.locator('#popover [popover]').first();
    expect(await popover.getAttribute('data-open')).toBe(null);
    await page.getByRole('button', { name: 'Berth four' }).focus();
    await page.keyboard.press('Enter');
    await page.waitForSelector('#popover [popover][data-open]');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#popover [popover]:not([data-open])', { state: 'attached' });
    await page.locator('#listbox [data-key=ketch]').first().click();
    await page.waitForSelector('#listbox [role=listbox][data-selected=ketch]');
  });
});

it('takes what is provided for a part of the application where nothing is said', async () => {
  const page = await gallery();
  await page.getByRole('button', { name: 'Open when the owner says so' }).click();
  await page.waitForSelector('[data-case=later] dialog[data-size=narrow]');
  expect(await page.getAttribute('#dialog dialog', 'data-size')).toBe(null);
});

it('renders content that comes later by a component, with what it is given', async () => {
  const page = await gallery();
  await page.getByRole('button', { name: 'Harbour log' }).click();
  await page.locator('[popover] harbour-log', { hasText: 'a seal' }).waitFor();
  await page.keyboard.press('Escape');
  await page.getByRole('tab', { name: 'Later' }).click();
  await page.locator('[role=tabpanel] later-part', { hasText: 'Came later, for later.' }).waitFor();
});

it('waits for the first value of an observable that a guard answers with', async () => {
  const page = await gallery();
  const power = page.getByRole('switch', { name: 'Crane power' });
  const answer = await holdAnswers(page);
  await power.click();
  await page.locator('#switch', { hasText: 'is asked for' }).waitFor();
  expect(await power.getAttribute('aria-busy')).toBe('true');
  await answer();
  await page.waitForSelector('[aria-label="Crane power"][aria-checked=true]');
});

it('a component may be its own root', async () => {
  const page = await gallery();
  const lamp = page.getByRole('switch', { name: 'Mast lamp' });
  expect([await lamp.getAttribute('id'), await lamp.getAttribute('aria-checked')]).toEqual([
    'mast-lamp',
    'false',
  ]);
  await lamp.press('Space');
  await page.waitForSelector('#mast-lamp[aria-checked=true]');
});
