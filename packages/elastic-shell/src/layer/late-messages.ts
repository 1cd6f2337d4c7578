// Messages about what a modal layer has done, which its page shows while the layer closes: "Struck."
//
// The page is not back in the accessibility tree by then, and Firefox announces nothing that was there before it. So each text is taken out
// and put back once the page is back.
import { isElement } from '../engine/dom.js';

/** The selector of regions that messages are in. */
const live = 'output,[role=status],[aria-live]';

/** Takes each text of a region out and puts it back in its place. */
function sayAgain(region: Element): void {
  for (const element of [region, ...region.querySelectorAll('*')])
    for (const node of [...element.childNodes])
      if (node.nodeName === '#text') element.insertBefore(node, node.nextSibling);
}

/** Has the messages announced again that change on the page of `root` from now until it is back. */
export function repeatMessages(root: Element): void {
  const { requestAnimationFrame: frame } = globalThis;
  // Where nothing is drawn, as in jsdom, it may not be there.
  if (!frame) return;
  const changed: Element[] = [];
  const observer = new MutationObserver((records) => {
    for (const { target } of records) {
      const region = (isElement(target) ? target : target.parentElement)?.closest(live);
      if (region && !root.contains(region)) changed.push(region);
    }
  });
  observer.observe(root.ownerDocument, { subtree: true, childList: true, characterData: true });
  // In the first frame the page is laid out, in the second it is told to assistive technology.
  frame(() =>
    frame(() => {
      observer.disconnect();
      changed.forEach(sayAgain);
    }),
  );
}
