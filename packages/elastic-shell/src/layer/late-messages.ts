// Messages about the result of a modal layer, such as "Saved.", which its page shows while the layer closes.
// At that time the page is not yet back in the accessibility tree, and Firefox announces nothing that was
// there before it returned. So each text is removed, and inserted again once the page is back.
import { isElement } from '../engine/dom.js';

/** The selector of live regions. */
const live = 'output,[role=status],[aria-live]';

/** Removes each text of a region and inserts it again. */
function sayAgain(region: Element): void {
  for (const element of [region, ...region.querySelectorAll('*')])
    for (const node of [...element.childNodes])
      if (node.nodeName === '#text') element.insertBefore(node, node.nextSibling);
}

/**
 * Announces the messages that change on the page of `root` from now on once more, as soon as the page is
 * back.
 */
export function repeatMessages(root: Element): void {
  const { requestAnimationFrame: frame } = globalThis;
  // It may be missing where nothing is drawn, as in jsdom.
  if (!frame) return;
  const changed: Element[] = [];
  const observer = new MutationObserver((records) => {
    for (const { target } of records) {
      const region = (isElement(target) ? target : target.parentElement)?.closest(live);
      if (region && !root.contains(region)) changed.push(region);
    }
  });
  observer.observe(root.ownerDocument, { subtree: true, childList: true, characterData: true });
  // The page is laid out in the first frame, and reported to assistive technology in the second.
  frame(() =>
    frame(() => {
      observer.disconnect();
      changed.forEach(sayAgain);
    }),
  );
}
