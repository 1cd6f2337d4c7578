// Removes the style attribute of an element that had none, when the engine's custom properties are removed.

/** Records now whether `element` has one. Call the returned function when none of our properties is left. */
export function keepStyleAttribute(element: HTMLElement): () => void {
  const bare = !element.hasAttribute('style');
  return () => {
    // Chromium writes the attribute late. Reading it first makes sure that it exists and can be removed.
    if (bare && !element.getAttribute('style')) element.removeAttribute('style');
  };
}
