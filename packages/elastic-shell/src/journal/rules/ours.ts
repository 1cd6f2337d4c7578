// What is known of the library's own patterns, for rules: their commands, what their elements take and need inside.
import { accordion } from '../../core/contract/accordion.js';
import { carousel } from '../../core/contract/carousel.js';
import { combobox } from '../../core/contract/combobox.js';
import { dialog } from '../../core/contract/dialog.js';
import { disclosure } from '../../core/contract/disclosure.js';
import { drawer } from '../../core/contract/drawer.js';
import { listbox } from '../../core/contract/listbox.js';
import { menu } from '../../core/contract/menu.js';
import type { OptionKinds } from '../../core/contract/options.js';
import { popover } from '../../core/contract/popover.js';
import { switching } from '../../core/contract/switch.js';
import { tabs } from '../../core/contract/tabs.js';
import { tooltip } from '../../core/contract/tooltip.js';
import { tree } from '../../core/contract/tree.js';
import { isDialog, isHeading, isOurs } from '../../core/rules/kinds.js';
import { has, type Markup, writtenRole } from '../../core/rules/markup.js';
import type { Page, Test } from '../../core/rules/page.js';

/** What a rule needs to know of one pattern. */
interface Known {
  commands: Readonly<Record<string, string>>;
  options: OptionKinds;
  /** What is wired: the element itself, or what stands in `<shell-…>`. */
  root: Test;
  /** What has to stand inside `<shell-…>`, in words and as a question; the root is the first. */
  needs: readonly (readonly [what: string, test: Test])[];
}

const withRole =
  (role: string): Test =>
  (element) =>
    writtenRole(element) === role;
const isList: Test = (element) => /^(ul|ol)$/.test(element.tag) || writtenRole(element) === 'tree';
const isCombobox = withRole('combobox');
const isListbox = withRole('listbox');
const isMenu = withRole('menu');
const isTablist = withRole('tablist');
const isPopover: Test = (element) => has(element, 'popover') || isDialog(element);
const isSlides: Test = (element) => has(element, 'data-slides');
const isSwitch: Test = (element) => element.tag === 'button' || element.attribute('type') === 'checkbox';
const isSection: Test = (element) => element.tag === 'summary' || isHeading(element);
const isPanel: Test = (element) =>
  element.tag === 'details' || (has(element, 'id') && element.tag !== 'button');
const isNothing: Test = () => false;

const known: Readonly<Record<string, Known>> = {
  accordion: {
    ...accordion,
    options: accordion.options ?? {},
    root: isNothing,
    needs: [['a button in a heading, or a <details>', isSection]],
  },
  carousel: {
    ...carousel,
    options: carousel.options ?? {},
    root: isNothing,
    needs: [['an element with data-slides around the slides', isSlides]],
  },
  combobox: {
    ...combobox,
    options: combobox.options ?? {},
    root: isNothing,
    needs: [
      ['an element with role="combobox"', isCombobox],
      ['an element with role="listbox"', isListbox],
    ],
  },
  dialog: { ...dialog, options: dialog.options ?? {}, root: isDialog, needs: [['a <dialog>', isDialog]] },
  disclosure: {
    ...disclosure,
    options: disclosure.options ?? {},
    root: isNothing,
    needs: [['a <details>, or a panel with an id', isPanel]],
  },
  drawer: { ...drawer, options: drawer.options ?? {}, root: isDialog, needs: [['a <dialog>', isDialog]] },
  listbox: {
    ...listbox,
    options: listbox.options ?? {},
    root: isListbox,
    needs: [['an element with role="listbox"', isListbox]],
  },
  menu: {
    ...menu,
    options: menu.options ?? {},
    root: isMenu,
    needs: [['an element with role="menu"', isMenu]],
  },
  popover: {
    ...popover,
    options: popover.options ?? {},
    root: isPopover,
    needs: [['an element with the attribute popover', isPopover]],
  },
  switch: {
    ...switching,
    options: switching.options ?? {},
    root: isNothing,
    needs: [['a <button> or a checkbox', isSwitch]],
  },
  tabs: {
    ...tabs,
    options: tabs.options ?? {},
    root: isNothing,
    needs: [['an element with role="tablist"', isTablist]],
  },
  tooltip: {
    ...tooltip,
    options: tooltip.options ?? {},
    root: isNothing,
    needs: [['an element with the attribute popover', isPopover]],
  },
  tree: {
    ...tree,
    options: tree.options ?? {},
    root: isList,
    needs: [['a list, or an element with role="tree"', isList]],
  },
};

/** The names of all patterns. */
export const patternNames: readonly string[] = Object.keys(known);

/** What is known of a pattern; undefined for another word. */
export const knownOf = (name: string): Known | undefined =>
  Object.hasOwn(known, name) ? known[name] : undefined;

/** The custom commands that a pattern knows. */
export const commandsOf = (name: string): readonly string[] =>
  Object.keys(knownOf(name)?.commands ?? {}).filter((command) => command.startsWith('--'));

/** The pattern that an element is the root of, as far as markup says it; undefined where it does not. */
export function patternOf(element: Markup, page: Page): string | undefined {
  const wired = element.attribute('data-wire');
  if (wired !== null) return knownOf(wired) && wired;
  if (element.tag.startsWith('shell-')) return knownOf(element.tag.slice(6)) && element.tag.slice(6);
  const around = page.around(element, isOurs);
  const name = around?.tag.startsWith('shell-') ? around.tag.slice(6) : '';
  if (around && knownOf(name)?.root(element)) return name;
  // Alone, what its tag or its role says. A <dialog> may be a drawer, whose commands are the same.
  const [own] = Object.entries(known).find(([, { root }]) => root(element)) ?? [];
  return own;
}
