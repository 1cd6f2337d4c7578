// The outlines of collections: accordions, tabs, carousels, trees, listboxes, comboboxes; and of the switch.
import { keysOf } from '../collection/selection.js';
import {
  accordion as accordionContract,
  type AccordionChoices,
  type AccordionState,
} from '../contract/accordion.js';
import {
  carousel as carouselContract,
  type CarouselChoices,
  type CarouselState,
} from '../contract/carousel.js';
import {
  combobox as comboboxContract,
  type ComboboxChoices,
  type ComboboxState,
} from '../contract/combobox.js';
import type { Attributes } from '../contract/contract.js';
import { listbox as listboxContract, type ListboxChoices } from '../contract/listbox.js';
import type { Selecting } from '../contract/selecting.js';
import { switching, type SwitchState } from '../contract/switch.js';
import { tabs as tabsContract, type TabsChoices, type TabsState } from '../contract/tabs.js';
import { modeOf, type TreeChoices, type TreeState } from '../contract/tree-state.js';
import { tree as treeContract } from '../contract/tree.js';
import { control, type Given, type Outline, partId, rootSays, stopAt, viewOf } from './outline.js';

const noKeys: ReadonlySet<string> = new Set();

type Accordion = Given<AccordionState, AccordionChoices>;

/** An accordion: `header` for a button in a heading with its `panel`, or `details` with its `summary`. */
export const accordionOutline = {
  name: accordionContract.name,
  first: { expanded: noKeys },
  single: { root: ({ id }: Accordion): Attributes => ({ id }) },
  each: {
    header: (given: Accordion, key: string): Attributes => ({
      type: 'button',
      id: partId(given, 'header', key),
      'data-key': key,
      'aria-controls': partId(given, 'panel', key),
      ...accordionContract.semantics.item?.(given.state, viewOf(given), key),
    }),
    panel: (given: Accordion, key: string): Attributes => {
      const view = { ...viewOf(given), labelledBy: partId(given, 'header', key) };
      const {
        role,
        'aria-labelledby': name,
        ...shown
      } = accordionContract.semantics.panel?.(given.state, view, key) ?? {};
      // How many panels there are is not known before they are: whether they are landmarks the engine says.
      const region = given.items?.length && role ? { role, 'aria-labelledby': name ?? null } : {};
      return { id: partId(given, 'panel', key), ...shown, ...region };
    },
    details: (given: Accordion, key: string): Attributes => ({
      ...accordionContract.semantics.panel?.(given.state, { ...viewOf(given), native: true }, key),
    }),
    summary: (_: Accordion, key: string): Attributes => ({ 'data-key': key }),
  },
} satisfies Outline<AccordionState, AccordionChoices>;

type Tabs = Given<TabsState, TabsChoices>;

/** Tabs: `list`, a `tab` and a `panel` for each key, and the cross in a tab that closes it. */
export const tabsOutline = {
  name: tabsContract.name,
  first: { selected: undefined, closed: noKeys },
  firstItem: { state: 'selected', parts: ['tab', 'panel'] },
  single: {
    root: ({ id }: Tabs): Attributes => ({ id }),
    list: (given: Tabs): Attributes => ({
      role: 'tablist',
      ...tabsContract.semantics.list?.(given.state, viewOf(given)),
    }),
    closer: (_: Tabs): Attributes => ({ 'data-close': '', 'aria-hidden': 'true' }),
  },
  each: {
    tab: (given: Tabs, key: string): Attributes => ({
      type: 'button',
      role: 'tab',
      id: partId(given, 'tab', key),
      'data-key': key,
      'aria-controls': partId(given, 'panel', key),
      ...tabsContract.semantics.item?.(given.state, viewOf(given), key),
      ...stopAt(given, key, [given.state.selected]),
    }),
    panel: (given: Tabs, key: string): Attributes => ({
      role: 'tabpanel',
      id: partId(given, 'panel', key),
      'data-key': key,
      ...tabsContract.semantics.panel?.(
        given.state,
        { ...viewOf(given), labelledBy: partId(given, 'tab', key) },
        key,
      ),
    }),
  },
} satisfies Outline<TabsState, TabsChoices>;

type Carousel = Given<CarouselState, CarouselChoices>;

const carouselControl = (given: Carousel, command: string, intent: 'next' | 'previous' | 'rotate') => ({
  ...control(given, command),
  ...carouselContract.semantics.opener?.(given.state, viewOf(given, 'section'), intent),
});

/** A carousel: `root` for a `<section>`, `slides` around each `slide`, and its controls. */
export const carouselOutline = {
  name: carouselContract.name,
  first: { selected: undefined, rotating: false },
  firstItem: { state: 'selected', parts: ['slide', 'picker'] },
  single: {
    root: (given: Carousel): Attributes => ({
      id: given.id,
      ...rootSays(carouselContract.semantics, given, 'section'),
    }),
    slides: (_: Carousel): Attributes => ({ 'data-slides': '' }),
    nextButton: (given: Carousel): Attributes => carouselControl(given, '--next', 'next'),
    previousButton: (given: Carousel): Attributes => carouselControl(given, '--previous', 'previous'),
    rotationButton: (given: Carousel): Attributes => carouselControl(given, '--rotate', 'rotate'),
    pickers: (_: Carousel): Attributes => ({ role: 'tablist' }),
  },
  each: {
    slide: (_: Carousel, key: string): Attributes => ({
      'data-key': key,
      role: 'group',
      'aria-roledescription': 'slide',
    }),
    picker: (given: Carousel, key: string): Attributes => ({
      ...control(given, '--select', key),
      role: 'tab',
      'aria-selected': `${key === given.state.selected}`,
      ...stopAt(given, key, [given.state.selected]),
    }),
  },
} satisfies Outline<CarouselState, CarouselChoices>;

type Tree = Given<TreeState, TreeChoices>;

/** What a row of a tree says; `isBranch`: it has a group of rows under it. */
const treeRow = (given: Tree, key: string, isBranch: boolean): Attributes => {
  const { state, options } = given;
  const said = treeContract.semantics.item?.(state, viewOf(given), key) ?? {};
  return {
    ...said,
    'data-key': key,
    ...(isBranch && { 'aria-expanded': `${state.expanded.has(key)}` }),
    ...(options.checks && { 'aria-checked': `${state.checked.has(key)}` }),
    ...stopAt(given, key, [state.current, ...keysOf(state.selected)]),
  };
};

/** A tree: `root`, a `leaf` or a `branch` for each row, and the `group` of rows in a branch. */
export const treeOutline = {
  name: treeContract.name,
  first: { selected: undefined, current: undefined, expanded: noKeys, checked: noKeys, query: '' },
  firstItem: { state: 'current', parts: ['leaf', 'branch'] },
  single: {
    root: (given: Tree): Attributes => ({
      id: given.id,
      role: 'tree',
      ...(modeOf(given.options) === 'multiple' && { 'aria-multiselectable': 'true' }),
    }),
    group: (_: Tree): Attributes => ({ role: 'group' }),
    marker: (_: Tree): Attributes => ({ 'data-marker': '' }),
    search: ({ id }: Tree): Attributes => ({ type: 'search', 'aria-controls': id }),
  },
  each: {
    leaf: (given: Tree, key: string): Attributes => treeRow(given, key, false),
    branch: (given: Tree, key: string): Attributes => treeRow(given, key, true),
    action: (given: Tree, command: string): Attributes => control(given, `--${command}`),
  },
} satisfies Outline<TreeState, TreeChoices>;

type Listbox = Given<Selecting, ListboxChoices>;

/** A listbox: `root`, an `option` for each key, and groups of them. */
export const listboxOutline = {
  name: listboxContract.name,
  first: { selected: undefined, current: undefined },
  firstItem: { state: 'current', parts: ['option'] },
  single: {
    root: (given: Listbox): Attributes => ({
      id: given.id,
      ...rootSays(listboxContract.semantics, given),
    }),
  },
  each: {
    option: (given: Listbox, key: string): Attributes => ({
      'data-key': key,
      ...listboxContract.semantics.item?.(given.state, viewOf(given), key),
      ...stopAt(given, key, [...keysOf(given.state.selected), given.state.current]),
    }),
    group: (_: Listbox, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
    action: (given: Listbox, command: string, key?: string): Attributes =>
      control(given, `--${command}`, key),
  },
} satisfies Outline<Selecting, ListboxChoices>;

type Combobox = Given<ComboboxState, ComboboxChoices>;

/** What the element that keeps focus says: the field, or the button of one to choose only. */
const holder = (given: Combobox, part: string): Attributes => ({
  role: 'combobox',
  id: partId(given, part),
  'aria-haspopup': 'listbox',
  'aria-expanded': `${given.state.open}`,
  'aria-controls': partId(given, 'list'),
});

/** The label of what is selected, as far as the options that are known say it. */
const textOf = ({ state, items = [], options }: Combobox): string => {
  const key = options.multiple ? undefined : [...keysOf(state.selected)][0];
  return state.text || (items.find((item) => item.key === key)?.label ?? key ?? '');
};

/**
 * A combobox: a `label`, a `box` around its `field` and the button that opens it, its `toggler`, and a `popup` with the `list`. One to
 * choose only has a `button` in place of the field, with the `value` in it.
 */
export const comboboxOutline = {
  name: comboboxContract.name,
  first: { open: false, selected: undefined, current: undefined, query: '', text: '' },
  single: {
    root: ({ id }: Combobox): Attributes => ({ id }),
    label: (given: Combobox): Attributes => ({ id: partId(given, 'label'), for: partId(given, 'field') }),
    box: (_: Combobox): Attributes => ({ 'data-box': '' }),
    field: (given: Combobox): Attributes => ({
      ...holder(given, 'field'),
      'aria-autocomplete': 'list',
      autocomplete: 'off',
      ...(textOf(given) && { value: textOf(given) }),
    }),
    button: (given: Combobox): Attributes => ({
      type: 'button',
      ...holder(given, 'field'),
      'aria-labelledby': `${partId(given, 'label')} ${partId(given, 'value')}`,
    }),
    value: (given: Combobox): Attributes => ({ 'data-value': '', id: partId(given, 'value') }),
    toggler: (given: Combobox): Attributes => ({
      ...control(given, '--toggle'),
      'aria-expanded': `${given.state.open}`,
      tabindex: '-1',
    }),
    tokens: (_: Combobox): Attributes => ({ 'data-tokens': '' }),
    popup: (_: Combobox): Attributes => ({ popover: 'manual' }),
    list: (given: Combobox): Attributes => ({
      role: 'listbox',
      id: partId(given, 'list'),
      'aria-labelledby': partId(given, 'label'),
      ...(given.options.multiple && { 'aria-multiselectable': 'true' }),
    }),
  },
  each: {
    option: (given: Combobox, key: string): Attributes => ({
      'data-key': key,
      ...comboboxContract.semantics.item?.(given.state, viewOf(given), key),
    }),
    group: (_: Combobox, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
    action: (given: Combobox, command: string, key?: string): Attributes =>
      control(given, `--${command}`, key),
  },
} satisfies Outline<ComboboxState, ComboboxChoices>;

type Switch = Given<SwitchState>;

/** A switch: `root` for a button, `box` for a checkbox in its place. */
export const switchOutline = {
  name: switching.name,
  roots: ['root', 'box'],
  first: { checked: false },
  single: {
    root: (given: Switch): Attributes => ({
      id: given.id,
      type: 'button',
      ...rootSays(switching.semantics, given, 'button'),
    }),
    box: (given: Switch): Attributes => ({
      id: given.id,
      type: 'checkbox',
      ...rootSays(switching.semantics, given, 'input'),
      checked: given.state.checked ? '' : null,
    }),
  },
  each: {},
} satisfies Outline<SwitchState>;
