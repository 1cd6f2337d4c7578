// What a person does with each recipe, by keys, and what is to be seen then. The words are the same in every setting.
import type { Locator, Page } from 'playwright-core';

const button = (page: Page, name: string): Locator => page.getByRole('button', { name, exact: true });
/** Waits for what the recipe says of itself. */
const says = (page: Page, words: string): Promise<void> =>
  page.locator('output', { hasText: words }).first().waitFor();
/** Waits until what has focus is called `name`. */
const focusOn = (page: Page, name: string): Promise<unknown> =>
  page.waitForFunction((wanted) => {
    const active = document.activeElement!;
    return (active.getAttribute('aria-label') ?? active.textContent)?.includes(wanted);
  }, name);
const keys = async (page: Page, ...names: string[]): Promise<void> => {
  for (const name of names) await page.keyboard.press(name);
};
const gone = (locator: Locator): Promise<void> => locator.waitFor({ state: 'hidden' });

/** The steps of each recipe. They throw, after Playwright's own time, where something is otherwise. */
export const steps: Record<string, (page: Page) => Promise<void>> = {
  async dialog(page) {
    await button(page, 'Tide times').press('Enter');
    await page.getByRole('dialog', { name: 'Tide times' }).waitFor();
    await page.keyboard.press('Escape');
    await gone(page.getByRole('dialog'));
    await focusOn(page, 'Tide times');
  },
  async drawer(page) {
    await button(page, 'Sections').press('Enter');
    await page.getByRole('link', { name: 'Berths' }).waitFor();
    await button(page, 'Close').press('Enter');
    await gone(page.getByRole('dialog'));
    await focusOn(page, 'Sections');
  },
  async popover(page) {
    await button(page, 'Berth four').press('Enter');
    await page.getByRole('group', { name: 'Berth four' }).waitFor();
    await page.keyboard.press('Tab');
    await focusOn(page, 'The chart');
    await page.keyboard.press('Escape');
    await focusOn(page, 'Berth four');
  },
  async tooltip(page) {
    await page.keyboard.press('Tab');
    await page.getByRole('tooltip', { name: '' }).waitFor();
    await page.keyboard.press('Escape');
    await gone(page.getByRole('tooltip'));
    await focusOn(page, 'Haul out');
  },
  async disclosure(page) {
    await button(page, 'Where the ladder is').press('Enter');
    await page.getByText('Behind the sail loft').waitFor();
    await page.getByRole('button', { expanded: true }).press('Space');
    await gone(page.getByText('Behind the sail loft'));
  },
  async accordion(page) {
    await page.getByText('Clear the slip').waitFor();
    await button(page, 'On the slip').press('Enter');
    await page.getByText('One on the winch').waitFor();
    await button(page, 'Before the haul').press('Enter');
    await gone(page.getByText('Clear the slip'));
  },
  async tabs(page) {
    await page.getByRole('tab', { name: 'Overview' }).press('ArrowRight');
    await page.getByRole('tabpanel', { name: 'Work' }).getByText('Two orders').waitFor();
    await page.keyboard.press('End');
    await page.getByRole('tab', { name: 'Papers', selected: true }).waitFor();
    await gone(page.getByText('Two orders'));
  },
  async carousel(page) {
    await button(page, 'Next plate').press('Enter');
    await page.locator('[data-slides] > :nth-child(2):not([inert])').waitFor();
    await page.locator('[data-slides] > :nth-child(1)[inert]').waitFor({ state: 'attached' });
    await button(page, 'Previous plate').press('Enter');
    await page.locator('[data-slides] > :nth-child(1):not([inert])').waitFor();
  },
  async tree(page) {
    await page.getByRole('treeitem', { name: 'Sheds' }).press('ArrowRight');
    await keys(page, 'ArrowRight', 's', 'Enter');
    await page.getByRole('treeitem', { name: 'Smithy', selected: true }).waitFor();
    await keys(page, 'ArrowLeft', 'ArrowLeft');
    await gone(page.getByRole('treeitem', { name: 'Smithy' }));
  },
  async menu(page) {
    await button(page, 'Boat').press('Enter');
    await page.getByRole('menuitem', { name: 'Lift' }).waitFor();
    await keys(page, 'l', 'Enter');
    await says(page, 'launch');
    await focusOn(page, 'Boat');
  },
  async menubar(page) {
    await page.keyboard.press('Tab');
    await keys(page, 'ArrowDown');
    await page.getByRole('menuitem', { name: 'New' }).waitFor();
    await focusOn(page, 'New');
    await keys(page, 'ArrowRight');
    await focusOn(page, 'Lift');
    await keys(page, 'l', 'Enter');
    await says(page, 'launch');
    await focusOn(page, 'Boat');
    await keys(page, 'ArrowRight', 'Enter');
    await says(page, 'help');
  },
  async toolbar(page) {
    await page.keyboard.press('Tab');
    await focusOn(page, 'Zoom in');
    await keys(page, 'Enter');
    await says(page, '1 : 2000');
    await keys(page, 'ArrowRight', 'ArrowRight', 'Space');
    await page.getByRole('button', { name: 'Depths', pressed: true }).waitFor();
    await keys(page, 'Shift+Tab', 'Tab');
    await focusOn(page, 'Depths');
  },
  async listbox(page) {
    await page.keyboard.press('Tab');
    await keys(page, 'k');
    await page.getByRole('option', { name: 'Ketch', selected: true }).waitFor();
    await says(page, 'ketch');
  },
  async combobox(page) {
    await page.getByRole('combobox', { name: 'Berth' }).pressSequentially('moo');
    await page.getByRole('option', { name: 'Mooring' }).waitFor();
    await keys(page, 'ArrowDown', 'Enter');
    await says(page, 'mooring');
    await gone(page.getByRole('listbox'));
  },
  async switch(page) {
    await page.getByRole('switch', { name: 'Yard lights' }).press('Space');
    await page.getByRole('switch', { checked: true }).waitFor();
    await says(page, 'on');
  },
  async confirmation(page) {
    await button(page, 'Strike order…').press('Enter');
    const asked = page.getByRole('alertdialog', { name: 'Strike order W1041?' });
    await asked.waitFor();
    await focusOn(page, 'Keep it');
    // The office fails first.
    await button(page, 'Strike it').press('Enter');
    await asked.getByRole('alert').getByText('The order still stands').waitFor();
    await button(page, 'Strike it').press('Enter');
    await gone(asked);
    await says(page, 'Struck.');
    await focusOn(page, 'Strike order…');
  },
  async 'edit-order'(page) {
    await button(page, 'Edit order').press('Enter');
    await page.getByRole('textbox', { name: 'Title' }).fill('Old rudder');
    await page.keyboard.press('Escape');
    await page.getByRole('alertdialog', { name: 'Throw the changes away?' }).waitFor();
    await button(page, 'Go on editing').press('Enter');
    await button(page, 'Save').press('Enter');
    await gone(page.getByRole('dialog'));
    await says(page, 'Old rudder');
    await button(page, 'Edit order').press('Enter');
    await page.getByRole('textbox', { name: 'Title' }).fill('No rudder');
    await page.keyboard.press('Escape');
    await button(page, 'Throw away').press('Enter');
    await gone(page.getByRole('dialog'));
    await says(page, 'Old rudder');
  },
  async 'site-header'(page) {
    await page.setViewportSize({ width: 375, height: 700 });
    await button(page, 'Menu').press('Enter');
    await page.getByRole('dialog').getByRole('link', { name: 'Berths' }).press('Enter');
    await gone(page.getByRole('dialog'));
    await button(page, 'Menu').press('Enter');
    await page.getByRole('dialog').waitFor();
    await page.setViewportSize({ width: 1280, height: 800 });
    await gone(page.getByRole('dialog'));
    await page.getByRole('link', { name: 'Berths' }).waitFor();
  },
  async picker(page) {
    await page.getByRole('button', { name: 'Pennant at the mast: none' }).press('Enter');
    await page.getByRole('option', { name: 'white' }).press('Enter');
    await gone(page.getByRole('listbox'));
    await page.getByRole('button', { name: 'Pennant at the mast: white' }).waitFor();
    await page.getByRole('button', { name: 'Pennant on the board: white' }).press('Enter');
    await page.getByRole('option', { name: 'white', selected: true }).waitFor();
    await page.keyboard.press('Escape');
    await gone(page.getByRole('listbox'));
  },
  async 'show-more'(page) {
    await button(page, 'Show more').press('Enter');
    await page.getByText('Its brake was renewed').waitFor();
    await button(page, 'Show less').press('Enter');
    await gone(page.getByText('Its brake was renewed'));
    await button(page, 'Show more').waitFor();
  },
  async 'step-list'(page) {
    await button(page, 'Haul').press('Enter');
    await page.getByText('Slowly, until').waitFor();
    await page.getByText('Take the trolley up').waitFor();
    await page.getByRole('switch', { name: 'One at a time' }).press('Space');
    await button(page, 'Float her on').press('Enter');
    await page.getByText('At the top of the tide').waitFor();
    await gone(page.getByText('Slowly, until'));
    await button(page, 'Clear the slip').press('Enter');
    await button(page, 'Read more').press('Enter');
    await page.getByText('The lower rail').waitFor();
    await button(page, 'Read less').waitFor();
  },
  async 'boat-sheets'(page) {
    await page.getByRole('tab', { name: 'Overview' }).press('End');
    await page.getByText('the bill of sale').waitFor();
    await page.waitForFunction(() => location.hash === '#papers');
    await page.getByRole('tab', { name: 'Work' }).press('Delete');
    await gone(page.getByRole('tab', { name: 'Work' }));
    await page.goBack();
    await page.getByRole('tab', { name: 'Overview', selected: true }).waitFor();
  },
  async 'berth-picker'(page) {
    await page.getByRole('combobox', { name: 'Berth' }).pressSequentially('mo');
    const mole = page.getByRole('option', { name: 'Mole', exact: true });
    await mole.locator('svg').waitFor();
    await mole.getByText('2.1 metres').waitFor();
    await keys(page, 'ArrowDown', 'Enter');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('[role=combobox]')?.value === 'Mole',
    );
  },
  async 'boat-search'(page) {
    await page.getByRole('combobox', { name: 'Boat' }).pressSequentially('plo');
    await page.getByRole('option', { name: 'Plover' }).waitFor();
    await gone(page.getByRole('option', { name: 'Curlew' }));
    await keys(page, 'ArrowDown', 'Enter');
    await says(page, 'plover');
  },
  async 'trades-field'(page) {
    await page.getByRole('combobox', { name: 'Trades' }).pressSequentially('rig');
    await keys(page, 'ArrowDown', 'Enter');
    await says(page, 'rigger');
    await page.getByRole('combobox', { name: 'Trades' }).pressSequentially('joi');
    await keys(page, 'ArrowDown', 'Enter');
    await says(page, 'rigger, joiner');
    await keys(page, 'Escape', 'Backspace', 'Delete');
    await page.waitForFunction(() => document.querySelector('output')?.textContent?.trim() === 'rigger');
  },
  async 'parts-tree'(page) {
    await page.getByRole('treeitem', { name: 'Hull' }).press('ArrowRight');
    await page.getByRole('treeitem', { name: 'Keel' }).waitFor();
    await keys(page, 'k', 'Space');
    await says(page, 'keel');
    await page.locator('[role=treeitem][aria-checked=mixed]', { hasText: 'Hull' }).waitFor();
  },
  async 'order-rows'(page) {
    await button(page, 'More for W1042').press('Enter');
    await keys(page, 'e', 'Enter');
    await says(page, 'edit W1042');
    await button(page, 'More for W1041').press('Shift+F10');
    await page.getByRole('menuitem', { name: 'Edit' }).waitFor();
    await keys(page, 'm', 'ArrowRight', 'l', 'Enter');
    await says(page, 'later W1041');
    await button(page, 'More for W1042').press('Enter');
    await keys(page, 's', 'Enter');
    await page.getByRole('alertdialog', { name: 'Strike W1042?' }).waitFor();
    await button(page, 'Strike').press('Enter');
    await says(page, 'strike W1042');
    await focusOn(page, 'More for W1042');
  },
  async 'tide-plot'(page) {
    await button(page, 'Tide today').press('Enter');
    await page.getByRole('img', { name: /Heights: 3.1/ }).waitFor();
    await page.keyboard.press('Escape');
    await page.locator('svg').waitFor({ state: 'detached' });
  },
  async 'dark-look'(page) {
    await page.getByRole('switch', { name: 'Dark' }).press('Space');
    await page.waitForFunction(() => document.documentElement.style.colorScheme === 'dark');
    await page.reload();
    await page.getByRole('switch', { name: 'Dark', checked: true }).press('Space');
    await page.waitForFunction(() => document.documentElement.style.colorScheme === 'light');
  },
  async 'moving-over'(page) {
    await button(page, 'Kit').press('Enter');
    await page.getByText('Two fenders').waitFor();
    await page.getByRole('button', { expanded: true }).press('Enter');
    await gone(page.getByText('Two fenders'));
  },
};
