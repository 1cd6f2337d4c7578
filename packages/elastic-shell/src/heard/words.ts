// What is heard of an element, in words: roles, states, and the sentence that they make. Pure: `rehearse` says the browser's own
// accessibility tree in the same words.

/** Roles as people say them, by ARIA's names and those of Chromium's tree. */
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
  menuitemcheckbox: 'menu item that checks',
  menuitemradio: 'menu item, one of several',
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

/** A role as people say it; '' for one that is not told. */
export const roleWord = (role: string): string => roleWords[role] ?? role;

/** Roles that are told when focus comes into them. */
export const places =
  /^(alertdialog|dialog|listbox|menu|menubar|radiogroup|tablist|tabpanel|toolbar|tree|group|region)$/;

/** Roles of which what they hold is told; other roles have a value that is their name again. */
export const valueRoles = /^(combobox|ComboBox\w*|textbox|searchbox|spinbutton|slider)$/;

const isTrue = (value: unknown): boolean => value === true || value === 'true';

/** States of which only that they hold is told. */
const plain: Readonly<Record<string, string>> = {
  selected: 'selected',
  disabled: 'unavailable',
  required: 'required',
  busy: 'busy',
};

/** What a state or property says, in a word; '' where that goes without saying. */
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

/** What is heard of an element. */
export interface Heard {
  role: string;
  name: string;
  /** What a field holds. */
  value?: string;
  /** States in words, in the order in which they are told. */
  states: readonly string[];
  /** Its place among its like: `2 of 5`. */
  position?: string;
  description?: string;
}

/** An element as it is told: role, name, value, states, place, description. */
export const sentenceOf = ({ role, name, value, states, position, description }: Heard): string =>
  [roleWord(role), name, value, ...states, position, description].filter(Boolean).join(', ');
