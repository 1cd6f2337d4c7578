// The style attribute of an element whose custom properties the engine writes: it goes when it came with them.

/** Notes now whether `element` has one; call the result when nothing of ours is in it any more. */
export function keepStyleAttribute(element: HTMLElement): () => void {
  const bare = !element.hasAttribute('style');
  return () => {
    // Chromium writes the attribute late: reading it first makes sure that there is one to remove.
    if (bare && !element.getAttribute('style')) element.removeAttribute('style');
  };
}
