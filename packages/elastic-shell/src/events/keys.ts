// Keys as contracts name them: arrows in terms of the text's direction, Space by its name, with what is held.
import { closestTo, windowOf } from '../engine/dom.js';

type Line = 'block' | 'inline';
type Way = 'next' | 'previous';

const arrows: Record<string, readonly [line: Line, way: Way]> = {
  ArrowDown: ['block', 'next'],
  ArrowUp: ['block', 'previous'],
  ArrowRight: ['inline', 'next'],
  ArrowLeft: ['inline', 'previous'],
};

/** True when the text of `element` runs from right to left. */
export const isMirrored = (element: Element): boolean =>
  windowOf(element).getComputedStyle(element).direction === 'rtl';

/**
 * The key by its standard name. WebKitGTK calls Shift+Tab "Unidentified"; its code says what was pressed. Browsers that fill in a form
 * send key events without a key.
 */
export const keyOf = ({ key, code }: Partial<KeyboardEvent>): string => {
  const known = key ?? 'Unidentified';
  return known === 'Unidentified' && code === 'Tab' ? code : known;
};

/** Whether a key that presses controls is being held down: it acts once for each press, and only moves repeat. */
export const isHeldPress = (event: KeyboardEvent): boolean =>
  event.repeat && /^(Enter| )$/.test(keyOf(event));

/** The key by its name in contracts, whatever else is held. */
const nameOf = (key: string, within: Element): string => {
  const arrow = Object.hasOwn(arrows, key) ? arrows[key] : undefined;
  if (!arrow) return key === ' ' ? 'Space' : key;
  const [line, way] = arrow;
  const isTurned = line === 'inline' && isMirrored(within);
  return `${line}-${isTurned ? (way === 'next' ? 'previous' : 'next') : way}`;
};

/**
 * The chord of a key: `inline-next`, `Home`, `Space`, and with what is held `Control+Shift+Home`, `Alt+block-next`;
 * Command counts as Control. Signs that need Shift are named without it. Empty while an input method composes.
 */
export function chordOf(event: KeyboardEvent, within: Element): string {
  const { ctrlKey, metaKey, altKey, shiftKey, isComposing } = event;
  const key = keyOf(event);
  if (isComposing) return '';
  const control = ctrlKey || metaKey;
  const isSign = key.length === 1 && key !== ' ';
  const held = `${control ? 'Control+' : ''}${altKey ? 'Alt+' : ''}${shiftKey && !isSign ? 'Shift+' : ''}`;
  return held + (control && isSign ? key.toLowerCase() : nameOf(key, within));
}

/** What a chord means in `meanings`; nothing for what stands there by inheritance. */
export const meaningOf = <T>(meanings: Readonly<Record<string, T>>, chord: string): T | undefined =>
  Object.hasOwn(meanings, chord) ? meanings[chord] : undefined;

/** Whether a press on a link asks the browser for a page of its own, or a download: the link is left to the browser. */
export const opensElsewhere = (event: MouseEvent): boolean =>
  (event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) && !!closestTo(event, 'a[href]');
