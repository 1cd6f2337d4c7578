// What is heard of an element: its role, name, value, states, place and description, as a screen reader has them to go by. Worked
// out from the page itself, so that it can be told in jsdom as well; a browser's own accessibility tree has the last word.
import { elementNamed } from '../engine/dom.js';
import { focused } from './dom.js';
import { heardDescription, heardName } from './name.js';
import { heardPosition } from './position.js';
import { heardRole } from './role.js';
import { type Heard, places, sentenceOf, stateWord, valueRoles } from './words.js';

/** States and properties by the name under which they are told, in that order. */
const told: readonly (readonly [name: string, attribute: string])[] = [
  ['invalid', 'aria-invalid'],
  ['required', 'aria-required'],
  ['checked', 'aria-checked'],
  ['pressed', 'aria-pressed'],
  ['selected', 'aria-selected'],
  ['expanded', 'aria-expanded'],
  ['hasPopup', 'aria-haspopup'],
  ['level', 'aria-level'],
  ['disabled', 'aria-disabled'],
  ['busy', 'aria-busy'],
];

/** What HTML says of a state where no attribute of ARIA does. */
function nativeState(element: Element, name: string): unknown {
  if (name === 'disabled') return element.matches(':disabled') || undefined;
  if (name === 'required') return element.hasAttribute('required') || undefined;
  if (name === 'level') return /^h([1-6])$/.exec(element.localName)?.[1];
  const isChoice = element.matches('input[type=checkbox],input[type=radio]');
  if (name === 'checked' && isChoice && 'checked' in element) return element.checked;
  if (name === 'selected' && element.localName === 'option' && 'selected' in element) return element.selected;
  const details = element.localName === 'summary' ? element.parentElement : null;
  return name === 'expanded' && details?.localName === 'details' ? details.hasAttribute('open') : undefined;
}

function statesOf(element: Element, role: string): string[] {
  return told.flatMap(([name, attribute]) => {
    // A combobox opens a list by what it is.
    if (name === 'hasPopup' && role === 'combobox') return [];
    const value = nativeState(element, name) ?? element.getAttribute(attribute);
    return value === null || value === undefined ? [] : stateWord(name, value) || [];
  });
}

/** What a field holds. */
const valueOf = (element: Element): string =>
  'value' in element && typeof element.value === 'string'
    ? element.localName === 'select' && 'selectedOptions' in element
      ? (element.querySelector('option:checked')?.textContent ?? '').trim()
      : element.value
    : (element.textContent ?? '').trim();

/** What is heard of an element. */
export function heardOf(element: Element): Heard {
  const role = heardRole(element);
  const value = valueRoles.test(role) ? valueOf(element) : '';
  return {
    role,
    name: heardName(element),
    ...(value && { value }),
    states: statesOf(element, role),
    position: heardPosition(element),
    description: heardDescription(element),
  };
}

/** An element in one sentence. */
export const heardSentence = (element: Element): string => sentenceOf(heardOf(element));

/** The element that a field, or what keeps focus for a list, says is active. */
export const activeOf = (element: Element): Element | undefined =>
  elementNamed(element, element.getAttribute('aria-activedescendant'));

/** What an element stands in that is told when focus comes there, from the outside in. */
export function placesAround(element: Element): Element[] {
  const found: Element[] = [];
  for (let at = element.parentElement; at; at = at.parentElement) {
    const role = heardRole(at);
    if (places.test(role) && (!/^(group|region)$/.test(role) || heardName(at))) found.unshift(at);
  }
  return found;
}

/** An element, and the one that it says is active, as they are told one after the other. */
export const heardWithActive = (element: Element): string =>
  [element, activeOf(element)].flatMap((each) => (each ? heardSentence(each) : [])).join('; ');

/**
 * What is heard of the element that has focus: what it stands in, where `before` has not stood in it, itself, and the one that it
 * says is active. '' where nothing has focus.
 */
export function heardFocus(before: readonly Element[] = [], at: Element | null = focused()): string {
  if (!at || at === at.ownerDocument.body || at === at.ownerDocument.documentElement) return '';
  const entered = placesAround(at).filter((place) => !before.includes(place));
  return [...entered.map(heardSentence), heardWithActive(at)].join('; ');
}
