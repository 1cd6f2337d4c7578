// The results of selectors and computed styles for layers, where the platform has no layers: `:modal`,
// `:popover-open`, and `display: none` for what is closed.
import { method, replace, type Shown, type Undo, type Win } from './replace.js';

/** The states that selectors can ask for. */
const pseudo = /:(modal|popover-open)(?![\w-])/g;

/**
 * Splits a selector into a part that the platform supports, and conditions for the elements that it matches.
 */
function taken(selector: string, shown: Shown): { plain: string; holds: (element: Element) => boolean }[] {
  // Commas in brackets and parentheses don't separate selectors.
  const parts = selector.match(/(?:[^,([]|\([^)]*\)|\[[^\]]*\])+/g) ?? [selector];
  return parts.map((part) => {
    const states = [...part.matchAll(pseudo)].map(([, state]) => state);
    const plain = part.replace(pseudo, '').trim() || '*';
    return {
      plain: /[\s>+~]$/.test(plain) ? `${plain}*` : plain,
      holds: (element) =>
        states.every((state) => (state === 'modal' ? shown.modal : shown.popovers).has(element)),
    };
  });
}

/** Adds `:modal` and `:popover-open` to selectors. */
export function setUpSelectors(win: Win, shown: Shown): Undo[] {
  const { matches, closest } = win.Element.prototype;
  const knows = (selector: string): boolean => selector.search(pseudo) < 0;
  const isMatch = (element: Element, selector: string): boolean =>
    taken(selector, shown).some(({ plain, holds }) => holds(element) && matches.call(element, plain));
  const undo = [
    method(win.Element.prototype, 'matches', function (this: Element, selector: string) {
      return knows(selector) ? matches.call(this, selector) : isMatch(this, selector);
    }),
    method(win.Element.prototype, 'closest', function (this: Element, selector: string) {
      if (knows(selector)) return closest.call(this, selector);
      if (isMatch(this, selector)) return this;
      let at = this.parentElement;
      while (at && !isMatch(at, selector)) at = at.parentElement;
      return at;
    }),
  ];
  for (const { prototype } of [win.Element, win.Document, win.DocumentFragment]) {
    const { querySelectorAll, querySelector } = prototype;
    undo.push(
      method(prototype, 'querySelectorAll', function (this: ParentNode, selector: string) {
        if (knows(selector)) return querySelectorAll.call(this, selector);
        return [...querySelectorAll.call(this, '*')].filter((element) => isMatch(element, selector));
      }),
      method(prototype, 'querySelector', function (this: ParentNode, selector: string) {
        if (knows(selector)) return querySelector.call(this, selector);
        return [...querySelectorAll.call(this, '*')].find((element) => isMatch(element, selector)) ?? null;
      }),
    );
  }
  return undo;
}

/** Makes computed styles hide what is not shown. */
export function setUpStyles(win: Win, { popovers, modal }: Shown): Undo[] {
  const { getComputedStyle } = win;
  const isHidden = (element: Element): boolean =>
    element.getAttribute('hidden') === 'until-found' ||
    (element.hasAttribute('popover') && !popovers.has(element) && !modal.has(element)) ||
    (element.localName === 'dialog' && !element.hasAttribute('open') && !popovers.has(element));
  /** Elements whose style is being computed. */
  const under = new Set<Element>();
  return [
    replace(win, 'getComputedStyle', {
      writable: true,
      value: (element: Element, pseudoElement?: string | null) => {
        // A rule in jsdom 27 for open popovers asks for the style of the element that is being matched.
        if (under.has(element))
          return { display: isHidden(element) ? 'none' : 'block', visibility: 'visible' };
        under.add(element);
        let style: CSSStyleDeclaration;
        try {
          style = getComputedStyle.call(win, element, pseudoElement);
        } finally {
          under.delete(element);
        }
        // Some of jsdom's style sheets hide every popover, because it considers none of them open.
        const isShownPopover =
          popovers.has(element) && !element.hasAttribute('hidden') && style.display === 'none';
        if (!isHidden(element) && !isShownPopover) return style;
        const display = isShownPopover ? 'block' : 'none';
        return new Proxy(style, {
          get(target, name) {
            if (name === 'display') return display;
            const value: unknown = Reflect.get(target, name, target);
            if (name === 'getPropertyValue')
              return (property: string) =>
                property === 'display' ? display : target.getPropertyValue(property);
            return typeof value === 'function' ? value.bind(target) : value;
          },
        });
      },
    }),
  ];
}
