// Keys as contracts name them: arrow keys relative to the writing direction, Space by its name, with
// modifiers.
import { closestTo, windowOf } from '../engine/dom.js';

type Line = 'block' | 'inline';
type Way = 'next' | 'previous';

const arrows: Record<string, readonly [line: Line, way: Way]> = {
  ArrowDown: ['block', 'next'],
  ArrowUp: ['block', 'previous'],
  ArrowRight: ['inline', 'next'],
  ArrowLeft: ['inline', 'previous'],
};

/** Returns true if the text of `element` is right-to-left. */
export const isMirrored = (element: Element): boolean =>
  windowOf(element).getComputedStyle(element).direction === 'rtl';

/**
 * Returns the standard name of a key. WebKitGTK reports Shift+Tab as "Unidentified", so its code is used.
 * Autofill sends key events without a key.
 */
export const keyOf = ({ key, code }: Partial<KeyboardEvent>): string => {
  const known = key ?? 'Unidentified';
  return known === 'Unidentified' && code === 'Tab' ? code : known;
};

/** Returns whether a key that activates controls is being held down. It acts once, and only moves repeat. */
export const isHeldPress = (event: KeyboardEvent): boolean =>
  event.repeat && /^(Enter| )$/.test(keyOf(event));

/** Returns the contract's name of a key without modifiers. */
const nameOf = (key: string, within: Element): string => {
  const arrow = Object.hasOwn(arrows, key) ? arrows[key] : undefined;
  if (!arrow) return key === ' ' ? 'Space' : key;
  const [line, way] = arrow;
  const isTurned = line === 'inline' && isMirrored(within);
  return `${line}-${isTurned ? (way === 'next' ? 'previous' : 'next') : way}`;
};

/**
 * Returns the chord of a key: `inline-next`, `Home`, `Space`, and with modifiers `Control+Shift+Home` or
 * `Alt+block-next`. Command counts as Control. Signs that need Shift are named without it. It is empty while
 * an input method composes.
 *
 * @param event - The event.
 * @param within - The element whose writing direction counts.
 * @returns The chord.
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

/**
 * Returns the meaning of a chord.
 *
 * @param meanings - The meanings by chord.
 * @param chord - The chord.
 * @returns The meaning, or undefined. Inherited names have none.
 */
export const meaningOf = <T>(meanings: Readonly<Record<string, T>>, chord: string): T | undefined =>
  Object.hasOwn(meanings, chord) ? meanings[chord] : undefined;

/**
 * Returns whether a click on a link asks the browser for a new page or a download, which is left to the
 * browser.
 */
export const opensElsewhere = (event: MouseEvent): boolean =>
  (event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) && !!closestTo(event, 'a[href]');
