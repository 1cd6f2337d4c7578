// Outlines: what each part of each pattern says before there is a page, line by line.
import * as core from 'elastic-shell/core';
import type { Attributes, Outline } from '../../src/core/index';

const set = (...keys: string[]): ReadonlySet<string> => new Set(keys);

/** States and options beside the first ones. */
interface Case {
  state?: object;
  options?: object;
  items?: { key: string }[];
}

/** By pattern, each with a name. */
const cases: Record<string, Record<string, Case>> = {
  dialog: { open: { state: { open: true } } },
  drawer: { open: { state: { open: true } }, live: { options: { modal: false } } },
  popover: { open: { state: { open: true } }, modal: { options: { modal: true } } },
  disclosure: { open: { state: { open: true } } },
  menu: { open: { state: { open: true, checked: set('a'), current: 'a' } } },
  accordion: {
    open: { state: { expanded: set('a') } },
    known: { items: [{ key: 'a' }, { key: 'b' }], state: { expanded: set('a') } },
  },
  tabs: { selected: { state: { selected: 'a' } }, closed: { state: { selected: 'b', closed: set('a') } } },
  carousel: { rotating: { state: { selected: 'a', rotating: true } } },
  tree: {
    open: { state: { expanded: set('a'), selected: 'a' } },
    boxes: { state: { checked: set('a') }, options: { checks: true } },
    several: { state: { selected: set('a') }, options: { multiple: true } },
  },
  listbox: {
    selected: { state: { selected: 'a' } },
    several: { state: { selected: set('a') }, options: { multiple: true } },
  },
  combobox: {
    selected: { state: { selected: 'a', text: 'A' } },
    several: { state: { open: true, selected: set('a') }, options: { multiple: true } },
  },
  switch: { on: { state: { checked: true } } },
  toolbar: { vertical: { options: { orientation: 'vertical' } } },
  menubar: { at: { state: { current: 'a' } } },
};

const outlines = Object.entries(core)
  .filter(([name]) => name.endsWith('Outline'))
  .map(([, value]) => value as unknown as Outline<object>);

const written = (attributes: Attributes): string =>
  Object.entries(attributes)
    .filter(([, value]) => value !== null)
    .map(([name, value]) => (value === '' ? name : `${name}=${value}`))
    .join(' ');

function linesOf({ name, first, single, each }: Outline<object>): string[] {
  const all: Record<string, Case> = { first: {}, ...cases[name] };
  return Object.entries(all).flatMap(([words, { state, options = {}, items }]) => {
    const given = { id: 'r', state: { ...first, ...state }, options, ...(items && { items }) };
    const parts = [
      ...Object.entries(single).map(([part, make]) => [part, make(given)] as const),
      ...Object.entries(each).map(([part, make]) => [part, make(given, 'a')] as const),
    ];
    return parts.map(([part, attributes]) => `${name} ${words} ${part}: ${written(attributes)}`);
  });
}

/** A line that is the same as with the first state and options is left out. */
const lines = outlines.flatMap((outline) => {
  const all = linesOf(outline);
  const known = new Set<string>();
  return all.filter((line) => {
    const said = line.replace(/^(\S+) \S+/, '$1');
    return !known.has(said) && known.add(said);
  });
});

const expected = [
  'accordion first root: id=r data-wired=accordion',
  'accordion first header: type=button id=r-header-a data-key=a aria-controls=r-panel-a aria-expanded=false',
  'accordion first panel: id=r-panel-a hidden=until-found',
  'accordion first details: ',
  'accordion first summary: data-key=a',
  'accordion open header: type=button id=r-header-a data-key=a aria-controls=r-panel-a aria-expanded=true',
  'accordion open panel: id=r-panel-a',
  'accordion open details: open',
  'accordion known panel: id=r-panel-a role=region aria-labelledby=r-header-a',
  'carousel first root: id=r aria-roledescription=carousel',
  'carousel first slides: data-slides',
  'carousel first nextButton: type=button commandfor=r command=--next',
  'carousel first previousButton: type=button commandfor=r command=--previous',
  'carousel first rotationButton: type=button commandfor=r command=--rotate data-rotating=false',
  'carousel first pickers: role=tablist',
  'carousel first slide: data-key=a role=group aria-roledescription=slide',
  'carousel first picker: type=button commandfor=r command=--select value=a role=tab aria-selected=false tabindex=-1',
  'carousel rotating rotationButton: type=button commandfor=r command=--rotate data-rotating=true',
  'carousel rotating picker: type=button commandfor=r command=--select value=a role=tab aria-selected=true tabindex=0',
  'combobox first root: id=r data-wired=combobox',
  'combobox first label: id=r-label for=r-field',
  'combobox first box: data-box',
  'combobox first field: role=combobox id=r-field aria-haspopup=listbox aria-expanded=false aria-controls=r-list aria-autocomplete=list autocomplete=off',
  'combobox first button: type=button role=combobox id=r-field aria-haspopup=listbox aria-expanded=false aria-controls=r-list aria-labelledby=r-label r-value',
  'combobox first value: data-value id=r-value',
  'combobox first toggler: type=button commandfor=r command=--toggle aria-expanded=false tabindex=-1',
  'combobox first tokens: data-tokens',
  'combobox first popup: popover=manual',
  'combobox first list: role=listbox tabindex=-1 id=r-list aria-labelledby=r-label',
  'combobox first option: data-key=a role=option aria-selected=false',
  'combobox first group: role=group aria-label=a',
  'combobox first action: type=button commandfor=r command=--a',
  'combobox selected field: role=combobox id=r-field aria-haspopup=listbox aria-expanded=false aria-controls=r-list aria-autocomplete=list autocomplete=off value=A',
  'combobox selected option: data-key=a role=option aria-selected=true',
  'combobox several list: role=listbox tabindex=-1 id=r-list aria-labelledby=r-label aria-multiselectable=true',
  'dialog first root: id=r',
  'dialog first title: id=r-title',
  'dialog first opener: type=button commandfor=r command=show-modal aria-haspopup=dialog aria-expanded=false aria-controls=r',
  'dialog first closer: type=button commandfor=r command=close value=a',
  'disclosure first root: id=r hidden=until-found',
  'disclosure first details: id=r',
  'disclosure first opener: type=button commandfor=r command=--toggle aria-expanded=false aria-controls=r',
  'disclosure open root: id=r',
  'disclosure open details: id=r open',
  'disclosure open opener: type=button commandfor=r command=--toggle aria-expanded=true aria-controls=r',
  'drawer first root: id=r data-edge=inline-start',
  'drawer first title: id=r-title',
  'drawer first opener: type=button commandfor=r command=show-modal aria-haspopup=dialog aria-expanded=false aria-controls=r',
  'drawer first closer: type=button commandfor=r command=close value=a',
  'drawer live root: popover=manual id=r data-edge=inline-start',
  'drawer live opener: type=button commandfor=r command=--toggle aria-haspopup=dialog aria-expanded=false aria-controls=r',
  'drawer live closer: type=button commandfor=r command=--close value=a',
  'listbox first root: id=r data-wired=listbox role=listbox tabindex=-1',
  'listbox first option: data-key=a role=option aria-selected=false tabindex=-1',
  'listbox first group: role=group aria-label=a',
  'listbox first action: type=button commandfor=r command=--a',
  'listbox selected option: data-key=a role=option aria-selected=true tabindex=0',
  'listbox several root: id=r data-wired=listbox role=listbox tabindex=-1 aria-multiselectable=true',
  'menu first root: id=r data-wired=menu role=menu popover=manual',
  'menu first separator: role=separator',
  'menu first opener: type=button commandfor=r command=toggle-popover aria-haspopup=menu aria-expanded=false aria-controls=r',
  'menu first branch: aria-haspopup=menu aria-expanded=false aria-controls=r',
  'menu first item: type=button role=menuitem data-key=a tabindex=-1',
  'menu first checkbox: type=button role=menuitemcheckbox data-key=a tabindex=-1 aria-checked=false',
  'menu first radio: type=button role=menuitemradio data-key=a tabindex=-1 aria-checked=false',
  'menu first group: role=group aria-label=a',
  'menu open item: type=button role=menuitem data-key=a tabindex=0',
  'menu open checkbox: type=button role=menuitemcheckbox data-key=a tabindex=0 aria-checked=true',
  'menu open radio: type=button role=menuitemradio data-key=a tabindex=0 aria-checked=true',
  'menubar first root: id=r role=menubar',
  'menubar first separator: role=separator',
  'menubar first item: type=button role=menuitem data-key=a tabindex=-1',
  'menubar at item: type=button role=menuitem data-key=a tabindex=0',
  'popover first root: id=r popover=manual',
  'popover first title: id=r-title',
  'popover first opener: type=button commandfor=r command=toggle-popover aria-expanded=false aria-controls=r',
  'popover first closer: type=button commandfor=r command=hide-popover',
  'popover modal root: id=r',
  'popover modal opener: type=button commandfor=r command=--toggle aria-expanded=false aria-controls=r',
  'popover modal closer: type=button commandfor=r command=--close',
  'switch first root: type=button id=r role=switch data-wired=switch data-checked=false aria-checked=false',
  'switch first box: type=checkbox id=r role=switch data-wired=switch data-checked=false',
  'switch on root: type=button id=r role=switch data-wired=switch data-checked=true aria-checked=true',
  'switch on box: type=checkbox id=r role=switch data-wired=switch data-checked=true checked',
  'tabs first root: id=r data-wired=tabs',
  'tabs first list: role=tablist tabindex=-1',
  'tabs first closer: data-close aria-hidden=true',
  'tabs first tab: type=button role=tab id=r-tab-a data-key=a aria-controls=r-panel-a aria-selected=false tabindex=-1',
  'tabs first panel: role=tabpanel id=r-panel-a data-key=a aria-labelledby=r-tab-a hidden=until-found',
  'tabs selected tab: type=button role=tab id=r-tab-a data-key=a aria-controls=r-panel-a aria-selected=true tabindex=0',
  'tabs selected panel: role=tabpanel id=r-panel-a data-key=a aria-labelledby=r-tab-a',
  'tabs closed tab: type=button role=tab id=r-tab-a data-key=a aria-controls=r-panel-a aria-selected=false hidden tabindex=-1',
  'tabs closed panel: role=tabpanel id=r-panel-a data-key=a aria-labelledby=r-tab-a hidden',
  'toolbar first root: id=r role=toolbar',
  'toolbar first separator: role=separator',
  'toolbar first more: data-more hidden',
  'toolbar first item: data-key=a tabindex=-1',
  'toolbar vertical root: id=r role=toolbar aria-orientation=vertical',
  'tooltip first root: popover=manual id=r role=tooltip',
  'tooltip first described: aria-describedby=r',
  'tooltip first named: aria-labelledby=r',
  'tree first root: id=r data-wired=tree role=tree tabindex=-1',
  'tree first group: role=group',
  'tree first marker: data-marker',
  'tree first search: type=search aria-controls=r',
  'tree first leaf: role=treeitem aria-selected=false data-key=a tabindex=-1',
  'tree first branch: role=treeitem aria-expanded=false aria-selected=false data-key=a tabindex=-1',
  'tree first action: type=button commandfor=r command=--a',
  'tree open leaf: role=treeitem aria-selected=true data-key=a tabindex=0',
  'tree open branch: role=treeitem aria-expanded=true aria-selected=true data-key=a tabindex=0',
  'tree boxes root: id=r data-wired=tree role=tree tabindex=-1 aria-multiselectable=true',
  'tree boxes leaf: role=treeitem aria-checked=true data-key=a tabindex=-1',
  'tree boxes branch: role=treeitem aria-expanded=false aria-checked=true data-key=a tabindex=-1',
  'tree several branch: role=treeitem aria-expanded=false aria-selected=true data-key=a tabindex=0',
];

it('what each part says', () => {
  expect(lines).toEqual(expected);
});
