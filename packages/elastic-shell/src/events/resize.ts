// Sizes: hears of elements that have another, where the page is laid out and not painted yet.

/** Has `heard` called once for the first sizes of `elements` and with each later one, until released. Where the platform cannot tell, never. */
export function onResize(elements: readonly Element[], heard: () => void): () => void {
  const { ResizeObserver } = elements[0]!.ownerDocument.defaultView!;
  if (!ResizeObserver) return () => {};
  const observer = new ResizeObserver(heard);
  for (const element of elements) observer.observe(element);
  return () => observer.disconnect();
}
