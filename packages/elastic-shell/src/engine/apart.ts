// Detached tools: elements that are in the document but not part of the page, such as the inspector. Clicks
// and focus in them count as neither inside nor outside of a layer.

/** Those elements. From the document, their shadow trees are seen as the element itself. */
export const apart = new Set<unknown>();
