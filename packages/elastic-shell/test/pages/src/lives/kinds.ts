// One small instance of each pattern: its markup, how it is turned on, and how one sees that it is.
import type * as library from '../../../../src/index';

export type Name = keyof typeof kinds;

/** A Wired of any pattern, as the laws use it. */
export interface AnyWired extends library.Wired {
  [member: string]: unknown;
}

export interface Kind {
  /** The author's markup, with a control and a root. */
  html(id: string): string;
  /** The element that wires the same markup, around it. */
  tag: string;
  /** The state that turning on changes, and its value then. */
  state: string;
  on: unknown;
  /** The method that turns it on, with its argument. Default: none, its cell does. */
  method?: readonly [string, ...unknown[]];
  /** What a user presses to turn it on, by selector; a key where it is not pressed. */
  press?: string;
  isLayer?: boolean;
  /** No guard is asked about its state. */
  isFree?: boolean;
}

const opener = (id: string, command = '--toggle'): string =>
  `<button class="opener" commandfor="${id}" command="${command}">Open</button>`;

const tabs = ['k0', 'k1', 'k2'];

export const kinds = {
  disclosure: {
    html: (id) => `${opener(id)}<div id="${id}" hidden>Words</div>`,
    tag: 'shell-disclosure',
    state: 'open',
    on: true,
    method: ['show'],
    press: '.opener',
  },
  dialog: {
    html: (id) =>
      `${opener(id, '--open')}<dialog id="${id}"><h2>Title</h2><p>Words</p><button class="in">In</button></dialog>`,
    tag: 'shell-dialog',
    state: 'open',
    on: true,
    method: ['show'],
    press: '.opener',
    isLayer: true,
  },
  drawer: {
    html: (id) =>
      `${opener(id, '--open')}<dialog id="${id}"><h2>Title</h2><button class="in">In</button></dialog>`,
    tag: 'shell-drawer',
    state: 'open',
    on: true,
    method: ['show'],
    press: '.opener',
    isLayer: true,
  },
  popover: {
    html: (id) =>
      `${opener(id)}<div id="${id}" popover><h2>Title</h2><button class="in" autofocus>In</button></div>`,
    tag: 'shell-popover',
    state: 'open',
    on: true,
    method: ['show'],
    press: '.opener',
    isLayer: true,
  },
  tooltip: {
    html: (id) =>
      `<button class="opener" aria-describedby="${id}">What</button><p id="${id}" popover="manual">Words</p>`,
    tag: 'shell-tooltip',
    state: 'open',
    on: true,
    method: ['show'],
    isLayer: true,
  },
  menu: {
    html: (id) =>
      `${opener(id)}<div id="${id}" role="menu" popover aria-label="M"><p role="menuitem" data-key="k0">One</p><p role="menuitemcheckbox" data-key="k1" aria-checked="false">Two</p></div>`,
    tag: 'shell-menu',
    state: 'open',
    on: true,
    method: ['show'],
    press: '.opener',
    isLayer: true,
  },
  combobox: {
    html: (id) =>
      `<div id="${id}"><input class="opener" role="combobox" aria-label="C"><div popover="manual"><div role="listbox"><p role="option" data-key="k0">One</p><p role="option" data-key="k1">Two</p></div></div></div>`,
    tag: 'shell-combobox',
    state: 'selected',
    on: 'k1',
    method: ['select', 'k1'],
    isLayer: true,
  },
  listbox: {
    html: (id) =>
      `<div id="${id}" role="listbox" aria-label="L"><p role="option" data-key="k0">One</p><p role="option" data-key="k1" class="target">Two</p></div>`,
    tag: 'shell-listbox',
    state: 'selected',
    on: 'k1',
    method: ['select', 'k1'],
    press: '.target',
  },
  tree: {
    html: (id) =>
      `<ul id="${id}" role="tree" aria-label="T"><li data-key="k0">A<ul><li data-key="k1">B</li></ul></li><li data-key="k2" class="target">C</li></ul>`,
    tag: 'shell-tree',
    state: 'selected',
    on: 'k2',
    method: ['select', 'k2'],
    press: '.target',
  },
  tabs: {
    html: (id) =>
      `<div id="${id}"><div role="tablist" aria-label="T">${tabs.map((key) => `<button role="tab" data-key="${key}" class="${key === 'k1' ? 'target' : 'other'}">${key}</button>`).join('')}</div>${tabs.map((key) => `<div role="tabpanel" data-key="${key}">Panel ${key}</div>`).join('')}</div>`,
    tag: 'shell-tabs',
    state: 'selected',
    on: 'k1',
    method: ['select', 'k1'],
    press: '.target',
  },
  accordion: {
    html: (id) =>
      `<div id="${id}">${tabs.map((key) => `<h3><button data-key="${key}" class="${key === 'k1' ? 'target' : 'other'}">${key}</button></h3><div hidden>Panel ${key}</div>`).join('')}</div>`,
    tag: 'shell-accordion',
    state: 'expanded',
    on: 'k1',
    method: ['expand', 'k1'],
    press: '.target',
  },
  carousel: {
    html: (id) =>
      `<section id="${id}" aria-label="C"><ul data-slides>${tabs.map((key) => `<li data-key="${key}">${key}</li>`).join('')}</ul></section><button class="opener" commandfor="${id}" command="--select" value="k1">k1</button>`,
    tag: 'shell-carousel',
    state: 'selected',
    on: 'k1',
    method: ['select', 'k1'],
    press: '.opener',
  },
  switch: {
    html: (id) => `<button id="${id}" class="target" role="switch" aria-checked="false">S</button>`,
    tag: 'shell-switch',
    state: 'checked',
    on: true,
    method: ['check'],
    press: '.target',
  },
  toolbar: {
    html: (id) =>
      `<div id="${id}" role="toolbar" aria-label="T">${tabs.map((key) => `<button data-key="${key}" class="${key === 'k1' ? 'target' : 'other'}">${key}</button>`).join('')}</div>`,
    tag: 'shell-toolbar',
    state: 'current',
    on: 'k1',
    isFree: true,
  },
  menubar: {
    html: (id) =>
      `<div id="${id}" role="menubar" aria-label="B">${tabs.map((key) => `<button role="menuitem" data-key="${key}" class="${key === 'k1' ? 'target' : 'other'}">${key}</button>`).join('')}</div>`,
    tag: 'shell-menubar',
    state: 'current',
    on: 'k1',
    isFree: true,
  },
} satisfies Record<string, Kind>;

/** Has the program turn it on. */
export function turnOn(name: Name, wired: AnyWired | undefined): void {
  const { method, state, on }: Kind = kinds[name];
  if (!method) return void (wired?.[state] as library.Cell<unknown> | undefined)?.set(on);
  const [called, ...args] = method;
  (wired?.[called] as ((...given: unknown[]) => void) | undefined)?.(...args);
}

/** The value of the state before it is turned on. */
export function offValue(name: Name): unknown {
  const { on } = kinds[name];
  if (name === 'accordion') return new Set();
  if (on === true) return false;
  return name === 'tabs' || name === 'carousel' ? 'k0' : undefined;
}

/** Whether a state has the value that turning on gives it. */
export const isOn = (kind: Kind, wired: AnyWired): boolean => {
  const value = (wired[kind.state] as library.Cell<unknown>).get();
  return value instanceof Set ? value.has(kind.on) : value === kind.on;
};

/** Whether the page shows it on. */
export const shows = (name: Name, root: HTMLElement): boolean => {
  const within = root.getRootNode() as ParentNode;
  switch (name) {
    case 'disclosure':
      return !root.hasAttribute('hidden');
    case 'dialog':
    case 'drawer':
      return root.matches(':modal') && root.hasAttribute('open');
    case 'popover':
    case 'tooltip':
    case 'menu':
      return root.matches(':popover-open');
    case 'combobox':
      return root.querySelector('input')!.value === 'Two';
    case 'listbox':
    case 'tree':
      return root.querySelector('.target')!.ariaSelected === 'true';
    case 'toolbar':
    case 'menubar':
      return root.querySelector<HTMLElement>('.target')!.tabIndex === 0;
    case 'tabs':
      return (
        root.querySelector('.target')!.ariaSelected === 'true' &&
        !root.querySelectorAll('[role=tabpanel]')[1]!.hasAttribute('hidden')
      );
    case 'accordion':
      return root.querySelector('.target')!.ariaExpanded === 'true';
    case 'carousel':
      return within.querySelector('.opener')!.getAttribute('aria-current') === 'true';
    case 'switch':
      return root.ariaChecked === 'true';
  }
};
