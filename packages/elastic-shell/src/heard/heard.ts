// The announcement of an element: its role, name, value, states, position and description, as a screen reader
// gets them. Computed from the page, so that it works in jsdom too. A browser's own accessibility tree takes
// precedence.
import { elementNamed } from '../engine/dom.js';
import { focused } from './dom.js';
import { heardDescription, heardName } from './name.js';
import { heardPosition } from './position.js';
import { heardRole } from './role.js';
import { type Heard, places, sentenceOf, stateWord, valueRoles } from './words.js';

/** States and properties by the name under which they are announced, in that order. */
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

/** Returns the state that HTML gives an element without an ARIA attribute. */
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
    // A combobox opens a list by definition.
    if (name === 'hasPopup' && role === 'combobox') return [];
    const value = nativeState(element, name) ?? element.getAttribute(attribute);
    return value === null || value === undefined ? [] : stateWord(name, value) || [];
  });
}

/** Returns the value of a field. */
const valueOf = (element: Element): string =>
  'value' in element && typeof element.value === 'string'
    ? element.localName === 'select' && 'selectedOptions' in element
      ? (element.querySelector('option:checked')?.textContent ?? '').trim()
      : element.value
    : (element.textContent ?? '').trim();

/** Returns the announcement of an element, in parts. */
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

/** Returns the announcement of an element as one sentence. */
export const heardSentence = (element: Element): string => sentenceOf(heardOf(element));

/** Returns the active element that a field, or another element with focus, refers to. */
export const activeOf = (element: Element): Element | undefined =>
  elementNamed(element, element.getAttribute('aria-activedescendant'));

/**
 * Returns the containers of an element that are announced when focus enters them, from the outside inwards.
 */
export function placesAround(element: Element): Element[] {
  const found: Element[] = [];
  for (let at = element.parentElement; at; at = at.parentElement) {
    const role = heardRole(at);
    if (places.test(role) && (!/^(group|region)$/.test(role) || heardName(at))) found.unshift(at);
  }
  return found;
}

/** Returns the announcements of an element and of its active element. */
export const heardWithActive = (element: Element): string =>
  [element, activeOf(element)].flatMap((each) => (each ? heardSentence(each) : [])).join('; ');

/**
 * Returns the announcement of the focused element: the containers that `before` was not in, the element
 * itself, and its active element. Empty if nothing has focus.
 */
export function heardFocus(before: readonly Element[] = [], at: Element | null = focused()): string {
  if (!at || at === at.ownerDocument.body || at === at.ownerDocument.documentElement) return '';
  const entered = placesAround(at).filter((place) => !before.includes(place));
  return [...entered.map(heardSentence), heardWithActive(at)].join('; ');
}
