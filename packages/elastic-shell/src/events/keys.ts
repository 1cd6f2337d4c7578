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

/** The key by its name in contracts, whatever else is held. */
const nameOf = (key: string, within: Element): string => {
  const arrow = arrows[key];
  if (!arrow) return key === ' ' ? 'Space' : key;
  const [line, way] = arrow;
  const turned = line === 'inline' && isMirrored(within);
  return `${line}-${turned ? (way === 'next' ? 'previous' : 'next') : way}`;
};

/** `inline-next`, `block-previous`, `Home`, `Space`, …; nothing for a key with a modifier or while composing. */
export function logicalKey(event: KeyboardEvent, within: Element): string | undefined {
  const { key, ctrlKey, altKey, metaKey, isComposing } = event;
  return ctrlKey || altKey || metaKey || isComposing ? undefined : nameOf(key, within);
}

/** The same with what is held: `Control+Shift+Home`, `Alt+block-next`; Command counts as Control. Signs that need Shift are named without it. */
export function chordOf(event: KeyboardEvent, within: Element): string | undefined {
  const { key, ctrlKey, metaKey, altKey, shiftKey, isComposing } = event;
  if (isComposing) return;
  const control = ctrlKey || metaKey;
  const isSign = key.length === 1 && key !== ' ';
  const held = `${control ? 'Control+' : ''}${altKey ? 'Alt+' : ''}${shiftKey && !isSign ? 'Shift+' : ''}`;
  return held + (control && isSign ? key.toLowerCase() : nameOf(key, within));
}
