// Live messages: what a screen reader announces without a change of focus.
import { isShown } from './dom.js';

const regions = '[aria-live]:not([aria-live=off]),[role=status],[role=alert],[role=log],output';

function regionOf(node: Node): Element | null {
  const element = node instanceof Element ? node : node.parentElement;
  return element?.closest(regions) ?? null;
}

const textOf = (region: Element): string => (region.textContent ?? '').replace(/\s+/g, ' ').trim();

/** Calls back for each message of the live regions of a document, until released. */
export function hearLive(document: Document, hear: (text: string) => void): () => void {
  const last = new WeakMap<Element, string>();
  const tell = (region: Element | null): void => {
    if (!region) return;
    const text = isShown(region) ? textOf(region) : '';
    if (text && last.get(region) !== text) hear(text);
    last.set(region, text);
  };
  const observer = new MutationObserver((records) => {
    const changed = new Set<Element | null>();
    for (const { target, addedNodes } of records) {
      changed.add(regionOf(target));
      // An alert is announced when it is inserted with its text.
      for (const node of addedNodes)
        if (node instanceof Element)
          for (const each of [node, ...node.querySelectorAll('*')])
            if (each.matches('[role=alert]')) changed.add(each);
    }
    changed.forEach(tell);
  });
  const begin = (): void => {
    observer.observe(document, { childList: true, subtree: true, characterData: true, attributes: true });
    for (const region of document.querySelectorAll(regions)) last.set(region, textOf(region));
  };
  if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', begin, { once: true });
  else begin();
  return () => {
    document.removeEventListener('DOMContentLoaded', begin);
    observer.disconnect();
  };
}

const messages: string[] = [];

/** Collects the messages of a document from now on, for `said`. */
export const listen = (): void => void hearLive(document, (text) => messages.push(text));

/** Returns the messages since the last call. */
export const said = (): string[] => messages.splice(0);
