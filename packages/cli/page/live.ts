// Live messages: what a screen reader is told without focus going there.
import { isShown } from './dom.js';

const messages: string[] = [];
const last = new WeakMap<Element, string>();
const regions = '[aria-live]:not([aria-live=off]),[role=status],[role=alert],[role=log],output';

function regionOf(node: Node): Element | null {
  const element = node instanceof Element ? node : node.parentElement;
  return element?.closest(regions) ?? null;
}

function tell(region: Element | null): void {
  if (!region) return;
  const text = isShown(region) ? (region.textContent ?? '').replace(/\s+/g, ' ').trim() : '';
  if (text && last.get(region) !== text) messages.push(text);
  last.set(region, text);
}

/** Hears of changes in live regions, from now on. */
export function listen(): void {
  const begin = (): void => {
    new MutationObserver((records) => {
      const changed = new Set<Element | null>();
      for (const { target, addedNodes } of records) {
        changed.add(regionOf(target));
        // An alert is told when it comes with its text.
        for (const node of addedNodes)
          if (node instanceof Element)
            for (const each of [node, ...node.querySelectorAll('*')])
              if (each.matches('[role=alert]')) changed.add(each);
      }
      changed.forEach(tell);
    }).observe(document, { childList: true, subtree: true, characterData: true, attributes: true });
    for (const region of document.querySelectorAll(regions))
      last.set(region, (region.textContent ?? '').replace(/\s+/g, ' ').trim());
  };
  if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', begin);
  else begin();
}

/** The messages since it was last asked. */
export const said = (): string[] => messages.splice(0);
