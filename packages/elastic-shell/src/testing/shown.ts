// What selectors and computed styles say of layers, where the platform has none: `:modal`, `:popover-open`, and that what is closed is
// not displayed.
import { method, replace, type Shown, type Undo, type Win } from './replace.js';

/** The states that selectors ask for. */
const pseudo = /:(modal|popover-open)(?![\w-])/g;

/** A selector as the platform knows it, and what else has to hold of what it matches. */
function taken(selector: string, shown: Shown): { plain: string; holds: (element: Element) => boolean }[] {
  // Commas in brackets and parentheses separate nothing.
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

/** `:modal` and `:popover-open` in selectors. */
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

/** Computed styles that say so of what is not shown. */
export function setUpStyles(win: Win, { popovers, modal }: Shown): Undo[] {
  const { getComputedStyle } = win;
  const isHidden = (element: Element): boolean =>
    element.getAttribute('hidden') === 'until-found' ||
    (element.hasAttribute('popover') && !popovers.has(element) && !modal.has(element)) ||
    (element.localName === 'dialog' && !element.hasAttribute('open') && !popovers.has(element));
  /** Elements whose style is being worked out. */
  const under = new Set<Element>();
  return [
    replace(win, 'getComputedStyle', {
      writable: true,
      value: (element: Element, pseudoElement?: string | null) => {
        // A rule of jsdom's own for popovers that are open (jsdom 27) asks for the style of the element that it is to be matched with.
        if (under.has(element))
          return { display: isHidden(element) ? 'none' : 'block', visibility: 'visible' };
        under.add(element);
        let style: CSSStyleDeclaration;
        try {
          style = getComputedStyle.call(win, element, pseudoElement);
        } finally {
          under.delete(element);
        }
        // Some style sheets of jsdom hide every popover, as none is open to them.
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
