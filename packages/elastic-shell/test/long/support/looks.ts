// What pictures are taken of: an instance in the gallery, what is done to it, and what of the page the picture shows.
import type { Page } from 'playwright-core';

/** A thing that is done to the page before the picture. */
export type Act = (page: Page) => Promise<unknown>;

export interface Look {
  name: string;
  /** The picture shows all of these, with some room around them. */
  shows: string[];
  acts: Act[];
}

/** What `name` of a page does to one element. */
const by =
  (name: 'click' | 'hover' | 'focus' | 'check' | 'waitForSelector') =>
  (selector: string): Act =>
  (page) =>
    page[name](selector);
const click = by('click');
const hover = by('hover');
const focus = by('focus');
const check = by('check');
const wait = by('waitForSelector');
const press =
  (...keys: string[]): Act =>
  async (page) => {
    for (const key of keys) await page.keyboard.press(key);
  };
const type =
  (text: string): Act =>
  (page) =>
    page.keyboard.type(text);
/** Presses the button of the pointer, and doesn't let it go. */
const down =
  (selector: string): Act =>
  async (page) => {
    await page.hover(selector);
    await page.mouse.down();
  };
/** Reaches an element with the keyboard, so that it shows the ring. */
const tabTo =
  (selector: string): Act =>
  async (page) => {
    await page.focus(selector);
    await page.keyboard.press('Shift');
  };

const look = (name: string, shows: string | string[], ...acts: Act[]): Look => ({
  name,
  shows: [shows].flat(),
  acts,
});
const opener = (id: string): string => `[commandfor=${id}]`;
const opened = (id: string): Act => wait(`#${id}[data-phase=open]`);
/** Opens a layer with the pointer, and shows it with its opener. */
const layer = (id: string, ...more: Act[]): Look =>
  look(id, [opener(id), `#${id}`], click(opener(id)), opened(id), ...more);
const stop = (id: string): string => `#${id} [tabindex="0"]`;

const layers: Look[] = [
  look('dialog-closed', opener('plain-dialog')),
  look('opener-hover', opener('plain-dialog'), hover(opener('plain-dialog'))),
  look('opener-pressed', opener('plain-dialog'), down(opener('plain-dialog'))),
  look('opener-focus', opener('plain-dialog'), focus(opener('plain-dialog')), press('Shift+Tab', 'Tab')),
  look('dialog-open', 'html', click(opener('plain-dialog')), opened('plain-dialog')),
  look(
    'dialog-primary-focus',
    '#plain-dialog',
    click(opener('plain-dialog')),
    opened('plain-dialog'),
    press('Tab'),
  ),
  look(
    'dialog-in-dialog',
    'html',
    click(opener('outer-dialog')),
    opened('outer-dialog'),
    click(opener('inner-dialog')),
    opened('inner-dialog'),
  ),
  look('dialog-form', '#form-dialog', click('#ask-name'), opened('form-dialog')),
  look(
    'dialog-form-invalid',
    '#form-dialog',
    click('#ask-name'),
    opened('form-dialog'),
    type('x'),
    press('Backspace', 'Tab'),
  ),
  look('dialog-long', 'html', click(opener('long-dialog')), opened('long-dialog')),
  look('dialog-wide', 'html', click(opener('wide-dialog')), opened('wide-dialog')),
  look('dialog-full', 'html', click(opener('full-dialog')), opened('full-dialog')),
  look('dialog-no-backdrop', 'html', click(opener('clear-dialog')), opened('clear-dialog')),
  look('alertdialog-open', '#plain-alert', click(opener('plain-alert')), opened('plain-alert')),
  look(
    'alertdialog-busy',
    '#slow-alert',
    click(opener('slow-alert')),
    opened('slow-alert'),
    click('#slow-alert [value=empty]'),
    wait('#slow-alert [aria-disabled=true]'),
  ),
  look(
    'alertdialog-error',
    '#slow-alert',
    check('#slow-fails'),
    click(opener('slow-alert')),
    opened('slow-alert'),
    click('#slow-alert [value=empty]'),
    wait('#slow-alert [role=alert]:not(:empty), #slow-alert [data-message]:not(:empty)'),
  ),
  ...['plain', 'end', 'top', 'bottom', 'live'].map((name) =>
    look(`drawer-${name}`, 'html', click(opener(`${name}-drawer`)), opened(`${name}-drawer`)),
  ),
  ...['plain', 'start', 'above', 'end', 'arrow', 'fit', 'outer', 'behind'].map((name) =>
    layer(`${name}-popover`),
  ),
  look(
    'popover-in-popover',
    ['#outer-popover', '#inner-popover'],
    click(opener('outer-popover')),
    opened('outer-popover'),
    click(opener('inner-popover')),
    opened('inner-popover'),
  ),
  look('popover-modal', 'html', click(opener('modal-popover')), opened('modal-popover')),
  look(
    'popover-failed',
    ['#lazy-popover', opener('lazy-popover')],
    check('#lazy-fails'),
    click(opener('lazy-popover')),
    wait('#lazy-popover [data-notice] button'),
  ),
  look(
    'popover-opener-open',
    opener('plain-popover'),
    click(opener('plain-popover')),
    opened('plain-popover'),
  ),
  ...['plain', 'second', 'third'].map((name) =>
    look(
      `tooltip-${name}`,
      [`#${name}-tooltip`, `[aria-describedby=${name}-tooltip], [aria-labelledby=${name}-tooltip]`],
      hover(`[aria-describedby=${name}-tooltip], [aria-labelledby=${name}-tooltip]`),
      opened(`${name}-tooltip`),
    ),
  ),
];

const sections: Look[] = [
  look('disclosure-closed', '#disclosure'),
  look('disclosure-open', '#disclosure', click(opener('plain-panel')), wait('#plain-panel:not([hidden])')),
  look(
    'disclosure-words-open',
    ['[aria-controls=words-panel]', '#words-panel'],
    click('[aria-controls=words-panel]'),
    wait('#words-panel:not([hidden])'),
  ),
  look('disclosure-details-open', '#plain-details', click('#plain-details summary')),
  look(
    'disclosure-nested',
    ['#outer-panel', opener('outer-panel')],
    click(opener('outer-panel')),
    click(opener('inner-panel')),
    wait('#inner-panel:not([hidden])'),
  ),
  look('accordion', '#plain-accordion'),
  look(
    'accordion-all-open',
    '#plain-accordion',
    click('#plain-accordion [data-key=lift]'),
    click('#plain-accordion [data-key=ashore]'),
    wait('#plain-accordion [data-key=ashore][aria-expanded=true]'),
  ),
  look('accordion-hover', '#plain-accordion', hover('#plain-accordion [data-key=lift]')),
  look('accordion-focus', '#plain-accordion', tabTo('#plain-accordion [data-key=lift]')),
  look('accordion-exclusive', '#exclusive-accordion'),
  look('accordion-details', '#details-accordion'),
  look('accordion-nested', '#nested-accordion', click('details:has(#nested-accordion) > summary')),
  look('tabs', '#plain-tabs'),
  look('tabs-second', '#plain-tabs', click('#plain-tabs [role=tab]:nth-child(2)')),
  look('tabs-hover', '#plain-tabs', hover('#plain-tabs [role=tab]:nth-child(3)')),
  look('tabs-focus', '#plain-tabs', tabTo(stop('plain-tabs')), press('ArrowRight')),
  look('tabs-vertical', '#vertical-tabs'),
  look('tabs-vertical-focus', '#vertical-tabs', tabTo(stop('vertical-tabs')), press('ArrowDown')),
  look('tabs-many', '#many-tabs'),
  look('tabs-many-last', '#many-tabs', focus(stop('many-tabs')), press('End', 'Enter')),
  look('tabs-lazy', '#lazy-tabs'),
  look('carousel', '#plain-carousel'),
  look(
    'carousel-second',
    '#plain-carousel',
    click('#plain-carousel [command="--next"]'),
    wait('#plain-carousel [data-slides] > :nth-child(2):not([inert])'),
  ),
  look('carousel-picked', '#picked-carousel'),
  look('carousel-turning', '#turning-carousel'),
];

const lists: Look[] = [
  look('listbox', '#plain-listbox'),
  look('listbox-hover', '#plain-listbox', hover('#plain-listbox [data-key=ketch]')),
  look('listbox-focus', '#plain-listbox', tabTo(stop('plain-listbox')), press('ArrowDown')),
  look('listbox-selected', '#plain-listbox', click('#plain-listbox [data-key=ketch]')),
  look('listbox-disabled-option', '#plain-listbox', hover('#plain-listbox [data-key=yawl]')),
  look('listbox-multiple', '#multiple-listbox'),
  look(
    'listbox-multiple-focus',
    '#multiple-listbox',
    tabTo(stop('multiple-listbox')),
    press('ArrowDown', 'Space'),
  ),
  look('listbox-grid', '#grid-listbox'),
  look(
    'listbox-grid-selected',
    '#grid-listbox',
    tabTo(stop('grid-listbox')),
    press('ArrowRight', 'ArrowDown', 'Enter'),
  ),
  look('listbox-long', '#long-listbox'),
  look('listbox-long-end', '#long-listbox', tabTo(stop('long-listbox')), press('End')),
  look('combobox', '#plain-combobox'),
  look('combobox-hover', '#plain-combobox', hover('#plain-field')),
  look('combobox-focus', '#plain-combobox', focus('#plain-field')),
  look(
    'combobox-open',
    ['#plain-combobox', '#plain-combobox [role=listbox]'],
    focus('#plain-field'),
    press('ArrowDown'),
  ),
  look(
    'combobox-typed',
    ['#plain-combobox', '#plain-combobox [role=listbox]'],
    focus('#plain-field'),
    type('mo'),
    wait('#plain-combobox [role=option]:not([hidden])'),
  ),
  look(
    'combobox-selected',
    ['#plain-combobox', '#plain-combobox [role=listbox]'],
    focus('#plain-field'),
    press('ArrowDown', 'ArrowDown', 'Enter', 'ArrowDown'),
  ),
  look(
    'combobox-none',
    ['#plain-combobox', '#plain-combobox [data-notice]'],
    focus('#plain-field'),
    type('xyz'),
    wait('#plain-combobox [data-notice]'),
  ),
  look('combobox-select', '#select-combobox'),
  look(
    'combobox-select-open',
    ['#select-combobox', '#select-combobox [role=listbox]'],
    click('#select-field'),
    wait('#select-combobox [data-phase=open]'),
  ),
  look(
    'combobox-failed',
    ['#asked-combobox', '#asked-combobox [popover]'],
    check('#asked-fails'),
    focus('#asked-field'),
    type('a'),
    wait('#asked-combobox [data-notice] button'),
  ),
  look(
    'combobox-search-in-list',
    ['#inner-combobox', '#inner-combobox [popover], #inner-combobox dialog'],
    click('#inner-button'),
    wait('#inner-combobox [data-phase=open]'),
  ),
  look(
    'combobox-long',
    ['#long-combobox', '#long-combobox [role=listbox]'],
    focus('#long-field'),
    press('ArrowDown', 'End'),
    wait('#long-combobox [role=option]'),
  ),
  look('combobox-tokens', '#several-combobox'),
  look(
    'combobox-tokens-open',
    ['#several-combobox', '#several-combobox [role=listbox]'],
    focus('#several-field'),
    press('ArrowDown'),
  ),
  look('combobox-token-focus', '#several-combobox', focus('#several-field'), press('ArrowLeft')),
  look(
    'combobox-invalid',
    '#several-combobox',
    focus('#several-field'),
    press('Backspace', 'Backspace'),
    click('#several-form [type=submit]'),
  ),
  look('tree', '#plain-tree'),
  look('tree-open', '#plain-tree', tabTo(stop('plain-tree')), press('*')),
  look('tree-focus', '#plain-tree', tabTo(stop('plain-tree')), press('ArrowRight', 'ArrowDown')),
  look('tree-selected', '#plain-tree', tabTo(stop('plain-tree')), press('ArrowRight', 'ArrowDown', 'Enter')),
  look('tree-data', '#data-tree'),
  look(
    'tree-data-checked',
    '#data-tree',
    tabTo(stop('data-tree')),
    press('ArrowRight', 'ArrowDown', 'Space'),
  ),
  look(
    'tree-data-failed',
    '#data-tree',
    check('#tree-fails'),
    tabTo(stop('data-tree')),
    press('ArrowDown', 'ArrowDown', 'ArrowRight'),
    wait('#data-tree [data-retry]'),
  ),
  look(
    'tree-data-none',
    ['#data-tree', '#data-tree + [data-notice]'],
    focus('#tree-search'),
    type('xyz'),
    wait('#data-tree + [data-notice]:not([hidden])'),
  ),
  look(
    'tree-multiple',
    '#multiple-tree',
    tabTo(stop('multiple-tree')),
    press('ArrowDown', 'Space', 'ArrowDown', 'Space'),
  ),
  look('tree-long', '#long-tree'),
];

const commands: Look[] = [
  look('menu-closed', '#plain-menu-button'),
  look(
    'menu-open',
    ['#plain-menu-button', '#plain-menu'],
    focus('#plain-menu-button'),
    press('Enter'),
    opened('plain-menu'),
  ),
  look(
    'menu-second',
    '#plain-menu',
    focus('#plain-menu-button'),
    press('Enter', 'ArrowDown'),
    opened('plain-menu'),
  ),
  look(
    'menu-submenu',
    ['#plain-menu', '#move-menu'],
    focus('#plain-menu-button'),
    press('Enter', 'm', 'ArrowRight'),
    opened('move-menu'),
  ),
  look(
    'menu-pointer',
    '#plain-menu',
    click('#plain-menu-button'),
    opened('plain-menu'),
    hover('#plain-menu [role^=menuitem]:nth-of-type(1)'),
  ),
  look(
    'menu-context',
    ['#menu-area', '#context-menu'],
    focus('#menu-area'),
    press('Shift+F10'),
    opened('context-menu'),
  ),
  look('menu-long', ['#long-menu'], click(opener('long-menu')), opened('long-menu')),
  look('menubar', '#plain-menubar'),
  look('menubar-focus', '#plain-menubar', tabTo(stop('plain-menubar')), press('ArrowRight')),
  look(
    'menubar-open',
    ['#plain-menubar', '#order-menu'],
    tabTo(stop('plain-menubar')),
    press('ArrowDown'),
    opened('order-menu'),
  ),
  look('toolbar', '#plain-toolbar'),
  look('toolbar-focus', '#plain-toolbar', tabTo(stop('plain-toolbar')), press('End')),
  look('toolbar-overflow', '#log-tools'),
  look('switch', '#switch'),
  look('switch-on', '#switch', click('#plain-switch')),
  look('switch-hover', '#plain-switch', hover('#plain-switch')),
  look('switch-focus', '#plain-switch', tabTo('#plain-switch')),
  look('switch-box-off', '#switch-form', click('#box-switch')),
  look('switch-busy', '#slow-switch', click('#slow-switch'), wait('#slow-switch[aria-busy=true]')),
];

/** All of them, one for each state that has a look of its own. */
export const looks: readonly Look[] = [...layers, ...sections, ...lists, ...commands];
