// Brings the bare page back to how it was when it had loaded, so that the next test needn't load it again. What a reset cannot undo (a
// listener left on the document, a function of the platform that was replaced, another address) it finds, and the page is loaded afresh.
import { indexSize } from '../../../src/engine/invoker-index';
import { wiredOf } from '../../../src/index';
import { journal } from '../../../src/journal/index';

/** What lives as long as the page: a listener that a test leaves on one of them would be called in the next test. */
const lasting: readonly EventTarget[] = [window, document, document.documentElement, document.body];
const watched: readonly object[] = [
  globalThis,
  document,
  performance,
  console,
  CSS,
  history,
  navigator,
  Math,
  Date,
  ...[
    EventTarget,
    Node,
    Element,
    HTMLElement,
    HTMLDialogElement,
    HTMLInputElement,
    Document,
    Event,
    Animation,
  ].map(({ prototype }) => prototype),
];

/** The listeners that are on what lasts, each as what it was added with. */
const listeners: { target: EventTarget; type: string; listener: unknown; capture: boolean }[] = [];

function trackListeners(target: EventTarget): void {
  const { addEventListener, removeEventListener } = target;
  const indexOf = (type: string, listener: unknown, capture: boolean): number =>
    listeners.findIndex(
      (each) =>
        each.target === target &&
        each.type === type &&
        each.listener === listener &&
        each.capture === capture,
    );
  const captures = (options: AddEventListenerOptions | boolean | undefined): boolean =>
    typeof options === 'object' ? !!options.capture : !!options;
  const forget = (type: string, listener: unknown, capture: boolean): void => {
    const at = indexOf(type, listener, capture);
    if (at >= 0) listeners.splice(at, 1);
  };
  target.addEventListener = (
    type: string,
    listener: EventListenerOrEventListenerObject | null,
    options?: AddEventListenerOptions | boolean,
  ) => {
    const capture = captures(options);
    const { signal, once } = typeof options === 'object' ? options : {};
    addEventListener.call(target, type, listener, options);
    if (signal?.aborted || isDriver(type, listener) || indexOf(type, listener, capture) >= 0) return;
    listeners.push({ target, type, listener, capture });
    const end = (): void => forget(type, listener, capture);
    signal?.addEventListener('abort', end);
    if (once) addEventListener.call(target, type, end, { once, capture });
  };
  target.removeEventListener = (
    type: string,
    listener: EventListenerOrEventListenerObject | null,
    options?: EventListenerOptions | boolean,
  ) => {
    forget(type, listener, captures(options));
    removeEventListener.call(target, type, listener, options);
  };
}

/** What an object says of itself: its own properties, without asking them. */
const membersOf = (target: object): Map<PropertyKey, PropertyDescriptor> =>
  new Map(
    Reflect.ownKeys(target).map((name) => [name, Reflect.getOwnPropertyDescriptor(target, name)!] as const),
  );

const attributesOf = (element: Element): Map<string, string> =>
  new Map([...element.attributes].map(({ name, value }) => [name, value]));

function putAttributes(element: Element, attributes: ReadonlyMap<string, string>): void {
  for (const name of element.getAttributeNames()) if (!attributes.has(name)) element.removeAttribute(name);
  for (const [name, value] of attributes)
    if (element.getAttribute(name) !== value) element.setAttribute(name, value);
}

/** Members that a browser writes by itself: frames by their number, and what was clicked or typed last. */
const isTheirs = (name: PropertyKey): boolean =>
  typeof name === 'symbol' || /^(\d+|event|shell|\$\d?|\$_|__playwright\S*|drive\w*)$/.test(String(name));

/** The driver listens too, once it has clicked anything. */
const isDriver = (type: string, listener: unknown): boolean =>
  type.startsWith('__playwright') || String(listener).includes('_hitTargetInterceptor');

/** Takes new globals away; returns whether all others are what they were. */
function putMembers(target: object, before: ReadonlyMap<PropertyKey, PropertyDescriptor>): boolean {
  const now = membersOf(target);
  for (const name of now.keys())
    if (!before.has(name) && !isTheirs(name) && !Reflect.deleteProperty(target, name)) return false;
  return [...before].every(([name, was]) => {
    const is = now.get(name);
    return (
      isTheirs(name) || (is && Object.is(is.value, was.value) && is.get === was.get && is.set === was.set)
    );
  });
}

/** Unwires whatever is wired below a node, in shadow roots and frames too. */
function unwireIn(root: ParentNode): void {
  for (const element of root.querySelectorAll('*')) {
    wiredOf(element)?.unwire();
    if (element.shadowRoot) unwireIn(element.shadowRoot);
    if (element instanceof HTMLIFrameElement && element.contentDocument) unwireIn(element.contentDocument);
  }
}

/**
 * Keeps the page as it is now, and returns what brings it back to that. That returns false if the page cannot be brought back: it must
 * be loaded afresh then.
 */
export function keepPage(): () => boolean {
  lasting.forEach(trackListeners);
  const { href } = location;
  const { title, head, body, documentElement: html } = document;
  const heads = [...head.childNodes];
  const [ofHtml, ofBody] = [attributesOf(html), attributesOf(body)];
  const sheets = document.adoptedStyleSheets.length;
  const members = new Map(watched.map((target) => [target, membersOf(target)]));
  return () => {
    if (location.href !== href || document.body !== body) return false;
    unwireIn(document);
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    getSelection()?.removeAllRanges();
    body.replaceChildren();
    for (const node of [...head.childNodes])
      // What a module brought with it is there once, however often it is imported.
      if (!heads.includes(node) && !(node instanceof HTMLLinkElement)) node.remove();
    for (const node of [...html.childNodes]) if (node !== head && node !== body) node.remove();
    putAttributes(html, ofHtml);
    putAttributes(body, ofBody);
    document.title = title;
    scrollTo(0, 0);
    journal.clear();
    const { trees, roots, ids } = indexSize();
    const isSame = [...members].map(([target, before]) => putMembers(target, before)).every(Boolean);
    return (
      isSame &&
      !listeners.length &&
      document.adoptedStyleSheets.length === sheets &&
      heads.every((node) => node.parentNode === head) &&
      trees + roots + ids === 0
    );
  };
}
