// Messages about what a modal layer has done, which its page shows while the layer closes: "Struck."
//
// The page is not back in the accessibility tree by then, and Firefox announces nothing that was there before it. So each text is taken out
// and put back once the page is back.
import { isElement, windowOf } from '../engine/dom.js';

/** The selector of live regions. */
const live = 'output,[role=status],[role=alert],[role=log],[aria-live=polite],[aria-live=assertive]';

/** Frames after which the page is back: in the first it is laid out, in the second it is told to assistive technology. */
const frames = 2;

/** The live region that a node is in, unless that is in `root` or can't be reached. */
function regionOf(node: Node, root: Element): Element | undefined {
  const region = (isElement(node) ? node : node.parentElement)?.closest(live);
  return region && !root.contains(region) && !region.closest('[inert]') ? region : undefined;
}

/** Takes each text of a region out and puts it back in its place. */
function sayAgain(region: Element): void {
  const walker = region.ownerDocument.createTreeWalker(region, NodeFilter.SHOW_TEXT);
  const texts: Node[] = [];
  while (walker.nextNode()) texts.push(walker.currentNode);
  for (const text of texts) text.parentNode?.insertBefore(text, text.nextSibling);
}

/** Has the messages announced again that change on the page of `root` from now until it is back. */
export function repeatMessages(root: Element): void {
  // Where nothing is drawn, as in jsdom, there may be no frames.
  const { MutationObserver, requestAnimationFrame: frame = setTimeout } = windowOf(root);
  const changed = new Set<Element>();
  const note = (records: readonly MutationRecord[]): void => {
    for (const { target } of records) {
      const region = regionOf(target, root);
      if (region) changed.add(region);
    }
  };
  const observer = new MutationObserver(note);
  observer.observe(root.ownerDocument, { subtree: true, childList: true, characterData: true });
  const wait = (left: number): void => {
    if (left) return void frame(() => wait(left - 1));
    note(observer.takeRecords());
    observer.disconnect();
    for (const region of changed) if (region.isConnected) sayAgain(region);
  };
  wait(frames);
}
