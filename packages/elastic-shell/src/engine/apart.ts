// What stands apart: elements beside the page that are no part of it, as the inspector is. Presses and focus in them are
// neither inside nor outside of any layer.

/** Those elements. What stands in their shadow trees is seen from the document as the element itself. */
export const apart = new Set<unknown>();
