// The announcement of an element in words: roles, states, and the sentence that they form. Pure, so that
// `rehearse` describes the browser's own accessibility tree in the same words.

/** Roles in plain words, by their names in ARIA and in Chromium's tree. */
const roleWords: Readonly<Record<string, string>> = {
  alertdialog: 'alert dialog',
  checkbox: 'check box',
  combobox: 'combo box',
  ComboBoxMenuButton: 'combo box',
  ComboBoxSelect: 'combo box',
  DisclosureTriangle: 'disclosure',
  DisclosureTriangleGrouped: 'disclosure',
  generic: '',
  listbox: 'list box',
  menuitem: 'menu item',
  menuitemcheckbox: 'check box menu item',
  menuitemradio: 'radio menu item',
  MenuListPopup: 'list box',
  none: '',
  paragraph: '',
  progressbar: 'progress bar',
  radio: 'radio button',
  RootWebArea: 'page',
  searchbox: 'search field',
  spinbutton: 'spin button',
  StaticText: '',
  tablist: 'tab list',
  tabpanel: 'tab panel',
  textbox: 'field',
  treeitem: 'tree item',
};

/** Returns a role in plain words, or an empty text for one that is not announced. */
export const roleWord = (role: string): string => roleWords[role] ?? role;

/** Roles that are announced when focus enters them. */
export const places =
  /^(alertdialog|dialog|listbox|menu|menubar|radiogroup|tablist|tabpanel|toolbar|tree|group|region)$/;

/** Roles whose value is announced. For other roles, the value repeats the name. */
export const valueRoles = /^(combobox|ComboBox\w*|textbox|searchbox|spinbutton|slider)$/;

const isTrue = (value: unknown): boolean => value === true || value === 'true';

/** States that are announced only if they are true. */
const plain: Readonly<Record<string, string>> = {
  selected: 'selected',
  disabled: 'unavailable',
  required: 'required',
  busy: 'busy',
};

/**
 * Returns a state or property in a word.
 *
 * @param name - The name of the state, without `aria-`.
 * @param value - Its value.
 * @returns The word, or an empty text for a state that is not announced.
 */
export function stateWord(name: string, value: unknown): string {
  if (name === 'hasPopup') return isTrue(value) || value === 'menu' ? 'menu' : '';
  if (name === 'expanded') return isTrue(value) ? 'expanded' : 'collapsed';
  if (name === 'checked')
    return value === 'mixed' ? 'partly checked' : isTrue(value) ? 'checked' : 'not checked';
  if (name === 'pressed') return isTrue(value) ? 'pressed' : 'not pressed';
  if (Object.hasOwn(plain, name)) return isTrue(value) ? (plain[name] ?? '') : '';
  if (name === 'invalid') return value && value !== 'false' ? 'invalid' : '';
  return name === 'level' && value !== undefined ? `level ${String(value)}` : '';
}

/** The announcement of an element, in parts. */
export interface Heard {
  role: string;
  name: string;
  /** The value of a field. */
  value?: string;
  /** States in words, in the order in which they are announced. */
  states: readonly string[];
  /** Its position in its group: `2 of 5`. */
  position?: string;
  description?: string;
}

/**
 * Returns the announcement of an element as a sentence: role, name, value, states, position, description.
 *
 * @param heard - The announcement in parts.
 * @returns The sentence.
 */
export const sentenceOf = ({ role, name, value, states, position, description }: Heard): string =>
  [roleWord(role), name, value, ...states, position, description].filter(Boolean).join(', ');
