// Questions about elements that apply to every page.

/** Returns the computed styles of an element. */
interface Seen {
  /** Returns whether it and all its ancestors are displayed. */
  hasDisplay: boolean;
  isVisible: boolean;
}

/** The answers while nothing changes, because computing styles is slow without layout. */
let found: Map<Element, Seen> | undefined;

/** Runs a function while nothing in the page changes. Answers about an element are computed once. */
export function whileStill<T>(look: () => T): T {
  if (found) return look();
  found = new Map();
  try {
    return look();
  } finally {
    found = undefined;
  }
}

/** Tags that every browser displays, unless a style hides them. */
const displayed = /^(a|b|button|div|em|h[1-6]|i|label|li|nav|ol|p|section|span|strong|tbody|td|th|tr|ul)$/;

/** Returns whether no style can hide an element. Computing styles is slow without layout. */
const isUnstyled = ({ ownerDocument, localName, parentElement, attributes }: Element): boolean =>
  displayed.test(localName) &&
  parentElement?.localName !== 'details' &&
  !attributes.getNamedItem('style') &&
  !attributes.getNamedItem('popover') &&
  ownerDocument.styleSheets.length === 0;

function seen(element: Element): Seen {
  const known = found?.get(element);
  if (known) return known;
  const { parentElement, ownerDocument } = element;
  const around = parentElement && seen(parentElement);
  const now = { hasDisplay: around?.hasDisplay ?? true, isVisible: around?.isVisible ?? true };
  // Not every jsdom hides `hidden="until-found"`.
  if (element.hasAttribute('hidden')) now.hasDisplay = false;
  else if (!isUnstyled(element)) {
    const { display, visibility } = ownerDocument.defaultView?.getComputedStyle(element) ?? {};
    now.hasDisplay &&= display !== 'none';
    now.isVisible = visibility !== 'hidden';
  }
  found?.set(element, now);
  return now;
}

/** Returns whether style sheets show an element: it and its ancestors are displayed and visible. */
export function isDisplayed(element: Element): boolean {
  if (element.checkVisibility) return element.checkVisibility({ visibilityProperty: true });
  if (!element.isConnected) return false;
  const { hasDisplay, isVisible } = seen(element);
  return hasDisplay && isVisible;
}

/** Returns whether anything has a size. Nothing has in a document without layout, as in jsdom. */
export const hasLayout = (document: Document): boolean =>
  document.documentElement.getBoundingClientRect().width > 0;

/** Returns whether an element is shown. */
export function isShown(element: Element): boolean {
  if (!isDisplayed(element)) return false;
  const { width, height } = element.getBoundingClientRect();
  return (width > 0 && height > 0) || !hasLayout(element.ownerDocument);
}

/** Returns the focused element, through shadow trees. */
export function focused(): Element | null {
  let at = document.activeElement;
  while (at?.shadowRoot?.activeElement) at = at.shadowRoot.activeElement;
  return at;
}

/** Returns the role of an element, from its attribute or its tag, as far as `rehearse` looks for it. */
export function roleOf(element: Element): string {
  const said = element.getAttribute('role')?.trim().split(/\s+/)[0];
  if (said) return said;
  const tag = element.localName;
  if (tag === 'button' || tag === 'summary') return 'button';
  return tag === 'dialog' ? 'dialog' : '';
}

/** Returns the visible text, or all text without layout. */
export const shownText = (element: Element): string =>
  'innerText' in element && typeof element.innerText === 'string'
    ? element.innerText
    : (element.textContent ?? '');

/** Returns the text of a label, without the field inside it. */
const textBeside = (label: Node, field: Element): string =>
  [...label.childNodes].map((node) => (node.contains(field) ? '' : (node.textContent ?? ''))).join('');

/** Returns a name that tells people which element is meant. */
export function nameOf(element: Element | null | undefined): string {
  if (!element) return '';
  const byId = (element.getAttribute('aria-labelledby') ?? '')
    .split(/\s+/)
    .map((id) => (id && element.ownerDocument.getElementById(id)?.textContent) || '')
    .join(' ');
  const labels = 'labels' in element && element.labels instanceof NodeList ? [...element.labels] : [];
  const text =
    byId.trim() ||
    element.getAttribute('aria-label') ||
    labels.map((label) => textBeside(label, element)).join(' ') ||
    (/^(DIALOG|UL|OL|DIV|SECTION|INPUT|SELECT)$/.test(element.tagName) && roleOf(element) !== 'button'
      ? ''
      : shownText(element)) ||
    element.querySelector('h1,h2,h3,h4,h5,h6,summary')?.textContent ||
    element.id;
  const name = (text ?? '').replace(/\s+/g, ' ').trim();
  return name.length > 50 ? `${name.slice(0, 49)}…` : name;
}

/** Returns every element of the page that passes the test, through open shadow trees, in document order. */
export function allOf(selector: string, root: ParentNode = document): HTMLElement[] {
  const all = [...root.querySelectorAll('*')];
  if (!all.some(({ shadowRoot }) => shadowRoot))
    return [...root.querySelectorAll<HTMLElement>(selector)].filter((each) => each instanceof HTMLElement);
  return all.flatMap((element) => [
    ...(element instanceof HTMLElement && element.matches(selector) ? [element] : []),
    ...(element.shadowRoot ? allOf(selector, element.shadowRoot) : []),
  ]);
}

/** Returns whether `outer` contains `inner`, through shadow trees. */
export function holds(outer: Element | null | undefined, inner: Element | null): boolean {
  for (let at: Node | null = inner; at; at = at.parentNode ?? (at instanceof ShadowRoot ? at.host : null))
    if (at === outer) return true;
  return false;
}

/** Returns the elements that an attribute with ids refers to. */
export function namedBy(element: Element, attribute: string): Element[] {
  const root = element.getRootNode();
  const ids = (element.getAttribute(attribute) ?? '').split(/\s+/).filter(Boolean);
  const scope = root instanceof ShadowRoot ? root : document;
  return ids.flatMap((id) => scope.getElementById(id) ?? []);
}
