// Rules about accordions, tabs and carousels.
import {
  ancestors,
  has,
  inside,
  type Markup,
  nameOf,
  type Page,
  roleOf,
  tagText,
} from '../../core/rules/markup.js';
import type { Found, Rule } from '../../core/rules/rule.js';

const around = (element: Markup, role: string): Markup | undefined =>
  ancestors(element).find((each) => roleOf(each) === role);

const isNamed = (element: Markup, page: Page): boolean =>
  has(element, 'aria-labelledby') || has(element, 'aria-label') || !!nameOf(element, page);

/** What is announced as a carousel, or will be: around [data-slides] the nearest section or group. */
function carousels({ elements }: Page): Set<Markup> {
  const found = new Set<Markup>();
  for (const element of elements) {
    if (element.attribute('aria-roledescription')?.toLowerCase() === 'carousel') found.add(element);
    if (!has(element, 'data-slides')) continue;
    const [parent, ...others] = ancestors(element);
    const root = [parent, ...others].find((each) => each && /^(section|group|region)$/.test(roleOf(each)));
    const carousel = root ?? parent;
    if (carousel) found.add(carousel);
  }
  return found;
}

const commandOf = (page: Page, root: Markup, command: string): Markup | undefined =>
  page.elements.find(
    (each) => each.attribute('commandfor') === root.attribute('id') && each.attribute('command') === command,
  );

/** Rules about accordions, tabs, carousels and switches. */
export const sectionRules: readonly Rule[] = [
  {
    code: 'tablist-missing',
    severity: 'error',
    clause: 'WAI-ARIA, tab: it is contained in, or owned by, a tablist',
    says: 'A tab stands in no tablist.',
    *find({ elements }): Generator<Found> {
      for (const element of elements)
        if (roleOf(element) === 'tab' && !around(element, 'tablist'))
          yield {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a tab in no tablist: nothing says how many there are, and arrow keys do not reach it.`,
            remedy: 'Put the tabs into one element with role="tablist" and a name.',
          };
    },
  },
  {
    code: 'tab-panel-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Tabs: each tab controls a panel',
    says: 'There are more tabs than panels.',
    *find({ elements }) {
      for (const list of elements) {
        if (roleOf(list) !== 'tablist') continue;
        const tabs = inside(list).filter((each) => roleOf(each) === 'tab');
        const open = tabs.filter((tab) => !has(tab, 'aria-controls') && !has(tab, 'commandfor'));
        const scope = ancestors(list).find((each) =>
          inside(each).some((other) => roleOf(other) === 'tabpanel'),
        );
        const panels = scope ? inside(scope).filter((each) => roleOf(each) === 'tabpanel') : [];
        const without = tabs[panels.length];
        if (open.length === tabs.length && without)
          yield {
            element: without,
            sentence: `${tagText(without)} controls nothing: there are ${tabs.length} tabs and ${panels.length} panels.`,
            remedy: 'Add an element with role="tabpanel", or name one by aria-controls.',
          };
      }
    },
  },
  {
    code: 'tabpanel-unreachable',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Tabs: each panel has a tab',
    says: 'A panel that no tab opens.',
    *find({ elements }) {
      const tabs = elements.filter((each) => roleOf(each) === 'tab');
      for (const panel of elements) {
        if (roleOf(panel) !== 'tabpanel') continue;
        const scope = ancestors(panel).find((each) => inside(each).some((other) => roleOf(other) === 'tab'));
        const id = panel.attribute('id');
        const isControlled = tabs.some(
          (tab) => id && [tab.attribute('aria-controls'), tab.attribute('commandfor')].includes(id),
        );
        const own = scope ? inside(scope) : [];
        const count = (role: string): number => own.filter((each) => roleOf(each) === role).length;
        const place = own.filter((each) => roleOf(each) === 'tabpanel').indexOf(panel);
        if (!isControlled && (!scope || (count('tabpanel') > count('tab') && place >= count('tab'))))
          yield {
            element: panel,
            attribute: 'role',
            sentence: `${tagText(panel)} is a panel that no tab opens.`,
            remedy: 'Add a tab for it, or give it another role.',
          };
      }
    },
  },
  {
    code: 'accordion-header-no-heading',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Accordion: each header button is in a heading',
    says: 'A button that shows a region stands in no heading.',
    *find({ elements, ids }) {
      for (const element of elements) {
        if (element.tag !== 'button' || !has(element, 'aria-expanded')) continue;
        const [panel] = ids.get(element.attribute('aria-controls') ?? '') ?? [];
        const inHeading = ancestors(element).some(
          (each) => /^h[1-6]$/.test(each.tag) || roleOf(each) === 'heading',
        );
        if (panel && roleOf(panel) === 'region' && !inHeading)
          yield {
            element,
            sentence: `${tagText(element)} shows the region ${tagText(panel)} and stands in no heading: the section is missing in the outline of the page.`,
            remedy: 'Put it into an <h2>, <h3> or whichever level fits.',
          };
      }
    },
  },
  {
    code: 'carousel-name-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Carousel',
    says: 'A carousel has no name.',
    *find(page) {
      for (const element of carousels(page))
        if (!has(element, 'aria-label') && !has(element, 'aria-labelledby'))
          yield {
            element,
            sentence: `${tagText(element)} is a carousel without a name.`,
            remedy: 'Give it aria-label, or aria-labelledby with the id of its heading.',
          };
    },
  },
  {
    code: 'carousel-slide-name-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Carousel: slides are named',
    says: 'A slide has no name.',
    *find(page) {
      for (const element of page.elements)
        if (element.attribute('aria-roledescription')?.toLowerCase() === 'slide' && !isNamed(element, page))
          yield {
            element,
            attribute: 'aria-roledescription',
            sentence: `${tagText(element)} is a slide without a name.`,
            remedy: 'Give it aria-label, such as "2 of 6"; wired, it gets that by itself.',
          };
    },
  },
  {
    code: 'carousel-stop-missing',
    severity: 'error',
    clause: 'WCAG 2.2.2, Pause, Stop, Hide',
    says: 'A carousel turns by itself and nothing stops it.',
    *find(page) {
      for (const element of page.elements) {
        if (element.tag !== 'shell-carousel' || !has(element, 'interval')) continue;
        const root = element.children.find((each) => typeof each !== 'string');
        if (root && !commandOf(page, root, '--rotate'))
          yield {
            element,
            attribute: 'interval',
            sentence: `${tagText(element)} turns by itself, and no button stops it.`,
            remedy: `Add <button commandfor="${root.attribute('id') ?? 'its id'}" command="--rotate"> as its first control.`,
          };
      }
    },
  },
];
