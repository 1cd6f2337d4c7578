// Keys as contracts name them: arrows in terms of the text's direction, Space by its name.

const arrows: Record<string, [line: string, way: string]> = {
  ArrowDown: ['block', 'next'],
  ArrowUp: ['block', 'previous'],
  ArrowRight: ['inline', 'next'],
  ArrowLeft: ['inline', 'previous'],
};

/** True when the text of `element` runs from right to left. */
export const isMirrored = (element: Element): boolean =>
  element.ownerDocument.defaultView?.getComputedStyle(element).direction === 'rtl';

/** `inline-next`, `block-previous`, `Home`, `Space`, …; nothing for a key with a modifier or while composing. */
export function logicalKey(event: KeyboardEvent, within: Element): string | undefined {
  const { key, ctrlKey, altKey, metaKey, isComposing } = event;
  if (ctrlKey || altKey || metaKey || isComposing) return;
  const arrow = arrows[key];
  if (!arrow) return key === ' ' ? 'Space' : key;
  const [line, way] = arrow;
  const turned = line === 'inline' && isMirrored(within);
  return `${line}-${turned ? (way === 'next' ? 'previous' : 'next') : way}`;
}
