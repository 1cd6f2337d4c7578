// Rules about the content of a page: images, headings, list items, and its main part.
import { ask } from '../../core/rules/doubt.js';
import { isGone, isHeading } from '../../core/rules/kinds.js';
import { has, type Markup, roleOf, tagText, writtenRole } from '../../core/rules/markup.js';
import type { Page, Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

/** Returns whether it is hidden from assistive technology. */
const isHidden = (element: Markup): boolean =>
  ask(() => element.attribute('aria-hidden')).value === 'true' || element.tag === 'template';
const isLost = (element: Markup): boolean => isGone(element) || isHidden(element);

/** Returns the parent of an element. The unknown surroundings of a fragment are ignored here. */
const knownAround = (element: Markup, page: Page, test: Test): Markup | undefined =>
  ask(() => page.around(element, test)).value;

/** Returns whether it or an ancestor is hidden. */
const isUnseen = (element: Markup, page: Page): boolean =>
  isLost(element) || !!knownAround(element, page, isLost);

const isFigure = (element: Markup): boolean => element.tag === 'figure';

/** Elements that start headings of their own, because they are shown alone. */
const isApart = (element: Markup): boolean =>
  element.tag === 'dialog' ||
  element.tag === 'template' ||
  has(element, 'popover') ||
  /^(alertdialog|dialog)$/.test(writtenRole(element));

/** Returns the level of a heading, from 1. NaN if it has none. */
const levelOf = (heading: Markup): number =>
  Number(heading.attribute('aria-level') ?? /^h([1-6])$/.exec(heading.tag)?.[1]);

/** Returns whether it is inside an element for text, which can't contain a heading. */
const standsInText = ({ parent }: Markup): boolean =>
  /^(a|button|em|h[1-6]|label|output|p|small|span|strong)$/.test(parent ? ask(() => parent.tag).value : '');

const before = new WeakMap<Page, ReadonlyMap<Markup, Markup>>();

/**
 * Returns the previous heading for each visible heading, in the page or in the same dialog. There is none if
 * anything between the two is unknown, or one of them may be omitted.
 */
function headingsBefore(page: Page): ReadonlyMap<Markup, Markup> {
  const known = before.get(page);
  if (known) return known;
  const found = new Map<Markup, Markup>();
  const last = new Map<Markup | undefined, Markup>();
  for (const element of page.elements) {
    const heading = ask(() => isHeading(element));
    const isSeen = heading.value && !ask(() => isUnseen(element, page)).value;
    const isUnknown = heading.doubt && !standsInText(element);
    if (isUnknown || (isSeen && element.isOptional)) last.clear();
    if (heading.doubt || !isSeen || element.isOptional) continue;
    const within = knownAround(element, page, isApart);
    const previous = last.get(within);
    if (previous) found.set(element, previous);
    last.set(within, element);
  }
  before.set(page, found);
  return found;
}

const isMain = (element: Markup): boolean => roleOf(element) === 'main' && !isGone(element);

/** Rules about content. */
export const contentRules: readonly Rule[] = [
  {
    code: 'image-text-missing',
    severity: 'error',
    clause: 'HTML, the img element, alt; WCAG 1.1.1, Non-text Content',
    summary: 'An image has no alternative text.',
    on: ['img'],
    find(element, page) {
      const instead = ['alt', 'aria-label', 'aria-labelledby', 'title'];
      if (instead.some((name) => has(element, name))) return undefined;
      // A hidden element may be shown later.
      const isSilent = isHidden(element) || knownAround(element, page, isHidden);
      if (/^(none|presentation)$/.test(writtenRole(element)) || isSilent) return undefined;
      // A script that fills in its content may add the name.
      const names = [...element.names()];
      if (!names.includes('src') && !names.includes('srcset')) return undefined;
      // The caption of a figure may replace it (HTML, the img element).
      if (knownAround(element, page, isFigure)) return undefined;
      return {
        element,
        sentence: `${tagText(element)} has no alt, so screen readers read its address instead.`,
        remedy: 'Describe the image in alt, or write alt="" if it is decorative.',
        ...(page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'heading-level-skipped',
    severity: 'warning',
    clause: 'WCAG 1.3.1, Info and Relationships; HTML, headings',
    summary: 'A heading skips a level.',
    on: ['h1', 'h2', 'h3', 'h4', 'h5', 'h6', '[role=heading]'],
    find(element, page) {
      const previous = headingsBefore(page).get(element);
      if (!previous) return undefined;
      const [from, to] = [levelOf(previous), levelOf(element)];
      if (!(to > from + 1)) return undefined;
      return {
        element,
        sentence: `${tagText(element)} is a heading of level ${to} after one of level ${from}, which suggests a missing heading.`,
        remedy: `Make it level ${from + 1}, and change its size with CSS.`,
      };
    },
  },
  {
    code: 'list-item-astray',
    severity: 'error',
    clause: 'HTML, the li element: it is a child of ul, ol or menu',
    summary: 'A list item is outside a list.',
    on: ['li'],
    find(element, page) {
      const { parent } = element;
      // What a custom element or a template does with its children is unknown, and so are the surroundings of
      // a fragment.
      if (!parent || has(element, 'role') || /^(ul|ol|menu|template|slot|component)$|-/.test(parent.tag))
        return undefined;
      if (page.isPart && /^(body|html)$/.test(parent.tag)) return undefined;
      if (/^(list|group|menu|menubar|listbox|tree|tablist|toolbar|radiogroup)$/.test(writtenRole(parent)))
        return undefined;
      return {
        element,
        sentence: `${tagText(element)} is inside ${tagText(parent)}, which isn’t a list, so it isn’t announced as an item.`,
        remedy: 'Put it into a <ul> or <ol>.',
      };
    },
  },
  {
    code: 'main-repeated',
    severity: 'error',
    clause: 'HTML, the main element: at most one that is not hidden',
    summary: 'A page has more than one main landmark.',
    on: ['main', '[role=main]'],
    find(element, page) {
      if (!isMain(element) || element.isOptional || isUnseen(element, page)) return undefined;
      const first = page.first(isMain);
      if (!first || first === element || first.isOptional || isUnseen(first, page)) return undefined;
      return {
        element,
        sentence: `${tagText(element)} is a second main landmark beside ${tagText(first)}, so it is unclear which one is the main content.`,
        remedy: 'Keep one <main>, and make the other a <section> or a <div>.',
      };
    },
  },
];
