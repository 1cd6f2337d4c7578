// Questions about elements that hold for every page.

/** What computed styles say of an element. */
interface Seen {
  /** Neither it nor anything around it lacks a display. */
  hasDisplay: boolean;
  isVisible: boolean;
}

/** What was found while nothing changes: without layout, computing styles takes long. */
let found: Map<Element, Seen> | undefined;

/** Looks at the page while nothing in it changes: what is asked of an element twice is computed once. */
export function whileStill<T>(look: () => T): T {
  if (found) return look();
  found = new Map();
  try {
    return look();
  } finally {
    found = undefined;
  }
}

/** Tags that every browser displays, unless a style says otherwise. */
const displayed = /^(a|b|button|div|em|h[1-6]|i|label|li|nav|ol|p|section|span|strong|tbody|td|th|tr|ul)$/;

/** Whether no style can say that an element is not displayed: computing its style takes long where nothing is laid out. */
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
  // Not every jsdom hides what is hidden until found.
  if (element.hasAttribute('hidden')) now.hasDisplay = false;
  else if (!isUnstyled(element)) {
    const { display, visibility } = ownerDocument.defaultView?.getComputedStyle(element) ?? {};
    now.hasDisplay &&= display !== 'none';
    now.isVisible = visibility !== 'hidden';
  }
  found?.set(element, now);
  return now;
}

/** Whether style sheets show an element: not where it, or what is around it, is not displayed or not visible. */
export function isDisplayed(element: Element): boolean {
  if (element.checkVisibility) return element.checkVisibility({ visibilityProperty: true });
  if (!element.isConnected) return false;
  const { hasDisplay, isVisible } = seen(element);
  return hasDisplay && isVisible;
}

/** Whether anything has a size: nothing has in a document that is never laid out, as in jsdom. */
export const hasLayout = (document: Document): boolean =>
  document.documentElement.getBoundingClientRect().width > 0;

/** Whether an element is shown at all. */
export function isShown(element: Element): boolean {
  if (!isDisplayed(element)) return false;
  const { width, height } = element.getBoundingClientRect();
  return (width > 0 && height > 0) || !hasLayout(element.ownerDocument);
}

/** The element that has focus, through shadow trees. */
export function focused(): Element | null {
  let at = document.activeElement;
  while (at?.shadowRoot?.activeElement) at = at.shadowRoot.activeElement;
  return at;
}

/** The role that an element says, or has by its tag, as far as `rehearse` looks for it. */
export function roleOf(element: Element): string {
  const said = element.getAttribute('role')?.trim().split(/\s+/)[0];
  if (said) return said;
  const tag = element.localName;
  if (tag === 'button' || tag === 'summary') return 'button';
  return tag === 'dialog' ? 'dialog' : '';
}

/** The text that shows; all of it where nothing is laid out. */
export const shownText = (element: Element): string =>
  'innerText' in element && typeof element.innerText === 'string'
    ? element.innerText
    : (element.textContent ?? '');

/** The text of a label, without that of the field in it. */
const textBeside = (label: Node, field: Element): string =>
  [...label.childNodes].map((node) => (node.contains(field) ? '' : (node.textContent ?? ''))).join('');

/** A name to call an element by: enough to tell people which one is meant. */
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

/** Every element of the page that passes, through open shadow trees, in document order. */
export function allOf(selector: string, root: ParentNode = document): HTMLElement[] {
  const all = [...root.querySelectorAll('*')];
  if (!all.some(({ shadowRoot }) => shadowRoot))
    return [...root.querySelectorAll<HTMLElement>(selector)].filter((each) => each instanceof HTMLElement);
  return all.flatMap((element) => [
    ...(element instanceof HTMLElement && element.matches(selector) ? [element] : []),
    ...(element.shadowRoot ? allOf(selector, element.shadowRoot) : []),
  ]);
}

/** Whether `outer` holds `inner`, through shadow trees. */
export function holds(outer: Element | null | undefined, inner: Element | null): boolean {
  for (let at: Node | null = inner; at; at = at.parentNode ?? (at instanceof ShadowRoot ? at.host : null))
    if (at === outer) return true;
  return false;
}

/** The elements that an attribute of ids names. */
export function namedBy(element: Element, attribute: string): Element[] {
  const root = element.getRootNode();
  const ids = (element.getAttribute(attribute) ?? '').split(/\s+/).filter(Boolean);
  const scope = root instanceof ShadowRoot ? root : document;
  return ids.flatMap((id) => scope.getElementById(id) ?? []);
}
