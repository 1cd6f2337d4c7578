// The outlines of collections: accordions, tabs, carousels, trees.
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
import type { Attributes, ItemsView } from '../contract/contract.js';
import { tabs as tabsContract, type TabsChoices, type TabsState } from '../contract/tabs.js';
import { modeOf, type TreeChoices, type TreeState } from '../contract/tree-state.js';
import { tree as treeContract } from '../contract/tree.js';
import { control, type Given, type Outline, partId, rootOf, stopAt, viewOf } from './outline.js';

const noKeys: ReadonlySet<string> = new Set();

type Accordion = Given<AccordionState, AccordionChoices>;

/** The parts of an accordion. Spread `root`, and `header(key)` with `panel(key)` or `details(key)` with `summary(key)`. */
export const accordionOutline = {
  name: accordionContract.name,
  first: { expanded: noKeys },
  single: {
    /** The element around the sections. */
    root: (given: Accordion): Attributes => rootOf(accordionContract.semantics, given),
  },
  each: {
    /** The header of a section. Spread it onto a `<button>`. */
    header: (given: Accordion, key: string): Attributes => ({
      type: 'button',
      id: partId(given, 'header', key),
      'data-key': key,
      'aria-controls': partId(given, 'panel', key),
      ...accordionContract.semantics.item?.(given.state, viewOf(given), key),
    }),
    /** The panel of a section. */
    panel: (given: Accordion, key: string): Attributes => {
      const view = { ...viewOf(given), labelledBy: partId(given, 'header', key) };
      const {
        role,
        'aria-labelledby': name,
        ...shown
      } = accordionContract.semantics.panel?.(given.state, view, key) ?? {};
      // The number of panels isn't known yet, so the engine decides whether they are landmarks.
      const region = given.items?.length && role ? { role, 'aria-labelledby': name ?? null } : {};
      return { id: partId(given, 'panel', key), ...shown, ...region };
    },
    /** A section. Spread it onto a `<details>`. */
    details(given: Accordion, key: string): Attributes {
      const view: ItemsView<AccordionChoices> = { ...viewOf(given), native: true };
      return { ...accordionContract.semantics.panel?.(given.state, view, key) };
    },
    /** The header of such a section. Spread it onto a `<summary>`. */
    summary: (_: Accordion, key: string): Attributes => ({ 'data-key': key }),
  },
} satisfies Outline<AccordionState, AccordionChoices>;

type Tabs = Given<TabsState, TabsChoices>;

/** The parts of a set of tabs. Spread `root`, `list`, `tab(key)` and `panel(key)`. */
export const tabsOutline = {
  name: tabsContract.name,
  first: { selected: undefined, closed: noKeys },
  firstItem: { state: 'selected', parts: ['tab', 'panel'] },
  single: {
    /** The element around the list and the panels. */
    root: (given: Tabs): Attributes => rootOf(tabsContract.semantics, given),
    /** The list of tabs. */
    list: (given: Tabs): Attributes => ({
      role: 'tablist',
      ...tabsContract.semantics.list?.(given.state, viewOf(given)),
    }),
    /** The close button of a tab. */
    closer: (_: Tabs): Attributes => ({ 'data-close': '', 'aria-hidden': 'true' }),
  },
  each: {
    /** A tab. Spread it onto a `<button>`. */
    tab: (given: Tabs, key: string): Attributes => ({
      type: 'button',
      role: 'tab',
      id: partId(given, 'tab', key),
      'data-key': key,
      'aria-controls': partId(given, 'panel', key),
      ...tabsContract.semantics.item?.(given.state, viewOf(given), key),
      ...stopAt(given, key, [given.state.selected]),
    }),
    /** The panel of a tab. */
    panel(given: Tabs, key: string): Attributes {
      const view: ItemsView<TabsChoices> = {
        ...viewOf(given),
        labelledBy: partId(given, 'tab', key),
      };
      return {
        role: 'tabpanel',
        id: partId(given, 'panel', key),
        'data-key': key,
        ...tabsContract.semantics.panel?.(given.state, view, key),
      };
    },
  },
} satisfies Outline<TabsState, TabsChoices>;

type Carousel = Given<CarouselState, CarouselChoices>;

const carouselControl = (given: Carousel, command: string, intent: 'next' | 'previous' | 'rotate') => ({
  ...control(given, command),
  ...carouselContract.semantics.opener?.(given.state, viewOf(given, 'section'), intent),
});

/** The parts of a carousel. Spread `root`, `slides`, `slide(key)` and the controls. */
export const carouselOutline = {
  name: carouselContract.name,
  first: { selected: undefined, rotating: false },
  firstItem: { state: 'selected', parts: ['slide', 'picker'] },
  single: {
    /** The carousel. */
    root: (given: Carousel): Attributes => rootOf(carouselContract.semantics, given, 'section'),
    /** The scroll container of the slides. */
    slides: (_: Carousel): Attributes => ({ 'data-slides': '' }),
    /** A button for the next slide. Spread it onto a `<button>`. */
    nextButton: (given: Carousel): Attributes => carouselControl(given, '--next', 'next'),
    /** A button for the previous slide. Spread it onto a `<button>`. */
    previousButton: (given: Carousel): Attributes => carouselControl(given, '--previous', 'previous'),
    /** A button that starts and stops the rotation. Spread it onto a `<button>`. */
    rotationButton: (given: Carousel): Attributes => carouselControl(given, '--rotate', 'rotate'),
    /** The element around the pickers. */
    pickers: (_: Carousel): Attributes => ({ role: 'tablist' }),
  },
  each: {
    /** A slide. */
    slide: (_: Carousel, key: string): Attributes => ({
      'data-key': key,
      role: 'group',
      'aria-roledescription': 'slide',
    }),
    /** A button for one slide. Spread it onto a `<button>`. */
    picker: (given: Carousel, key: string): Attributes => ({
      ...control(given, '--select', key),
      role: 'tab',
      'aria-selected': `${key === given.state.selected}`,
      ...stopAt(given, key, [given.state.selected]),
    }),
  },
} satisfies Outline<CarouselState, CarouselChoices>;

type Tree = Given<TreeState, TreeChoices>;

/** Returns the attributes of a tree row. `isBranch`: it has child rows. */
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

/**
 * The parts of a tree. Spread `root`, and render the rows with `Rows` from `items`, or nest `branch(key)`, `group(key)` and
 * `leaf(key)`.
 */
export const treeOutline = {
  name: treeContract.name,
  first: { selected: undefined, current: undefined, expanded: noKeys, checked: noKeys, query: '' },
  firstItem: { state: 'current', parts: ['leaf', 'branch'] },
  single: {
    /** The tree. */
    root: (given: Tree): Attributes => ({
      ...rootOf(treeContract.semantics, given),
      role: 'tree',
      ...(modeOf(given.options) === 'multiple' && { 'aria-multiselectable': 'true' }),
    }),
    /** The rows of a branch. */
    group: (_: Tree): Attributes => ({ role: 'group' }),
    /** The marker of a branch. */
    marker: (_: Tree): Attributes => ({ 'data-marker': '' }),
    /** The filter field. Spread it onto an `<input>`. */
    search: ({ id }: Tree): Attributes => ({ type: 'search', 'aria-controls': id }),
  },
  each: {
    /** A row without children. */
    leaf: (given: Tree, key: string): Attributes => treeRow(given, key, false),
    /** A row with children. */
    branch: (given: Tree, key: string): Attributes => treeRow(given, key, true),
    /** A control with a command, such as `expand`. Spread it onto a `<button>`. */
    action: (given: Tree, command: string): Attributes => control(given, `--${command}`),
  },
} satisfies Outline<TreeState, TreeChoices>;
