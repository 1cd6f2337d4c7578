// Where Svelte renders what the engine has made room for: what stands in the list of a component is moved into its host, and
// taken from there when the component lets go of it.

/** An attachment that moves its element into `place`. */
export const into = (place: Element) => (element: Element) => place.append(element);
