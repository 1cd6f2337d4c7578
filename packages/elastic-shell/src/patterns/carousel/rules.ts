// Rules about carousels.
import { isOurs } from '../../core/rules/kinds.js';
import { has, type Markup, roleOf, tagText } from '../../core/rules/markup.js';
import { isLabelled } from '../../core/rules/names.js';
import { namedIds, type Naming } from '../../core/rules/named-ids.js';
import type { Page, Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const describes = (element: Markup, word: string): boolean =>
  element.attribute('aria-roledescription')?.toLowerCase() === word;
const isFrame: Test = (element) => /^(region|group)$/.test(roleOf(element));

/** What is announced as a carousel, or will be: around [data-slides] the nearest section or group. */
function carouselOf(element: Markup, page: Page): Markup | undefined {
  if (describes(element, 'carousel')) return element;
  return has(element, 'data-slides') ? (page.around(element, isFrame) ?? element.parent) : undefined;
}

const turning: Naming = {
  test: (element) => element.attribute('command') === '--rotate',
  attributes: ['commandfor'],
};

/** Rules about carousels. */
export const carouselRules: readonly Rule[] = [
  {
    code: 'carousel-name-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Carousel',
    summary: 'A carousel has no name.',
    on: ['[aria-roledescription]', '[data-slides]'],
    find(element, page) {
      const carousel = carouselOf(element, page);
      const isTwice = carousel && carousel !== element && describes(carousel, 'carousel');
      if (!carousel || isTwice || isLabelled(carousel, page) || has(carousel, 'title')) return undefined;
      return {
        element: carousel,
        sentence: `${tagText(carousel)} is a carousel without a name.`,
        remedy: 'Add aria-label, or aria-labelledby with the id of its heading.',
      };
    },
  },
  {
    code: 'carousel-slide-name-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Carousel: slides are named',
    summary: 'A slide has no name.',
    on: ['[aria-roledescription]'],
    find: (element, page) =>
      !describes(element, 'slide') ||
      page.around(element, isOurs) ||
      isLabelled(element, page) ||
      has(element, 'title')
        ? undefined
        : {
            element,
            attribute: 'aria-roledescription',
            sentence: `${tagText(element)} is a slide without a name.`,
            remedy: 'Add aria-label, such as "2 of 6". A wired carousel adds it itself.',
          },
  },
  {
    code: 'carousel-stop-missing',
    severity: 'error',
    clause: 'WCAG 2.2.2, Pause, Stop, Hide',
    summary: 'A carousel rotates automatically, and no button stops it.',
    on: ['shell-carousel', '[data-wire]'],
    find(element, page) {
      const isElement = element.tag === 'shell-carousel';
      const attribute = isElement && has(element, 'interval') ? 'interval' : 'data-wire-interval';
      if (!has(element, attribute) || (!isElement && element.attribute('data-wire') !== 'carousel'))
        return undefined;
      const root = isElement ? element.children.find((each) => typeof each !== 'string') : element;
      const id = root?.attribute('id') ?? undefined;
      if (!root || namedIds(page, turning).has(id ?? '')) return undefined;
      return {
        element,
        attribute,
        sentence: `${tagText(element)} rotates automatically, and no button stops it.`,
        remedy: `Add <button commandfor="${id ?? 'its id'}" command="--rotate"> as its first control.`,
      };
    },
  },
];
