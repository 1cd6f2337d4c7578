// Moves what Svelte renders into the hosts that the engine has inserted. The content is rendered in the list
// of a component, moved into its host, and removed from there when the component is destroyed.

/** Returns an attachment that moves its element into `place`. */
export const into = (place: Element) => (element: Element) => place.append(element);
