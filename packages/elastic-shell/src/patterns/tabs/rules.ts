// Rules about tabs.
import { has, isRole, type Markup, tagText, writtenRole } from '../../core/rules/markup.js';
import { isLabelled } from '../../core/rules/names.js';
import { isOwned, namedIds, type Naming } from '../../core/rules/named-ids.js';
import type { Page } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const isTab = isRole('tab');
const isTablist = isRole('tablist');
const isPanel = isRole('tabpanel');

const isOpenTab = (element: Markup): boolean => isTab(element) && !controls(element);
const isOptionalTab = (element: Markup): boolean => isTab(element) && element.isOptional === true;
const tabNaming: Naming = { test: isTab, attributes: ['aria-controls', 'commandfor'] };

/** Whether a tab says which panel is its own. */
const controls = (tab: Markup): boolean => has(tab, 'aria-controls') || has(tab, 'commandfor');

/** The nearest element around one that has something inside it. */
function scopeOf(element: Markup, test: (element: Markup) => boolean, page: Page): Markup | undefined {
  for (let at = element.parent; at; at = at.parent) if (page.within(at, test)) return at;
  return undefined;
}

/** Rules about tabs. */
export const tabsRules: readonly Rule[] = [
  {
    code: 'tablist-missing',
    severity: 'error',
    clause: 'WAI-ARIA, tab: it is contained in, or owned by, a tablist',
    summary: 'A tab is outside a tablist.',
    on: ['[role=tab]'],
    find: (element, page) =>
      writtenRole(element) !== 'tab' || page.around(element, isTablist) || isOwned(element, page)
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a tab outside a tablist, so its position isn’t announced and arrow keys don’t reach it.`,
            remedy: 'Put the tabs into one element with role="tablist" and a name.',
          },
  },
  {
    code: 'tablist-empty',
    severity: 'error',
    clause: 'WAI-ARIA, tablist: it owns tabs',
    summary: 'A tablist contains no tabs.',
    on: ['[role=tablist]'],
    find: (element, page) =>
      writtenRole(element) !== 'tablist' ||
      page.within(element, isTab) ||
      has(element, 'aria-owns') ||
      element.attribute('aria-busy') === 'true'
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a tablist without a tab.`,
            remedy: 'Put elements with role="tab" into it.',
            ...(page.isScripted && { severity: 'warning' }),
          },
  },
  {
    code: 'tablist-name-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Tabs: the tablist is labelled',
    summary: 'A tablist has no name.',
    on: ['[role=tablist]'],
    find: (element, page) =>
      writtenRole(element) !== 'tablist' || isLabelled(element, page) || has(element, 'title')
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a tablist without a name, so screen readers don’t announce what the tabs are for.`,
            remedy: 'Add aria-label, or aria-labelledby with the id of a heading.',
          },
  },
  {
    code: 'tab-panel-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Tabs: each tab controls a panel',
    summary: 'There are more tabs than panels.',
    on: ['[role=tablist]'],
    find(element, page) {
      const tabs = page.owned(element, isTab, isTablist);
      const scope = scopeOf(element, isPanel, page);
      const without = tabs[scope ? page.count(scope, isPanel) : 0];
      if (!without || tabs.some((tab) => controls(tab) || tab.isOptional)) return undefined;
      const panels = tabs.indexOf(without);
      return {
        element: without,
        sentence: `${tagText(without)} has no panel: there are ${tabs.length} tabs and ${panels} panels.`,
        remedy: 'Add an element with role="tabpanel", or name one with aria-controls.',
        ...(page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'tabpanel-unreachable',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Tabs: each panel has a tab',
    summary: 'A tab panel has no tab.',
    on: ['[role=tabpanel]'],
    find(element, page) {
      if (writtenRole(element) !== 'tabpanel' || element.isOptional) return undefined;
      if (namedIds(page, tabNaming).has(element.attribute('id') ?? '')) return undefined;
      const scope = scopeOf(element, isTab, page);
      if (scope && page.within(scope, isOptionalTab)) return undefined;
      // Where no tab names a panel, each has the one in its place.
      const hasPlace = scope && page.count(scope, isPanel, element) < page.count(scope, isTab);
      if (hasPlace && page.within(scope, isOpenTab)) return undefined;
      return {
        element,
        attribute: 'role',
        sentence: `${tagText(element)} is a panel without a tab.`,
        remedy: 'Add a tab for it, or use another role.',
        ...(page.isScripted && { severity: 'warning' }),
      };
    },
  },
];
