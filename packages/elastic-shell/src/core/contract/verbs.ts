// The verbs of each pattern: what a program may call on what is wired, by name. Elements have them as methods, and the handles
// of bindings as functions, before there is anything wired to call them on. Each pattern's notes say what they do.

const opening = ['show', 'close', 'toggle'] as const;
const selecting = ['select', 'deselect', 'clear'] as const;

/** The verbs of the accordion. */
export const accordionVerbs = ['expand', 'collapse'] as const;
/** The verbs of the carousel. */
export const carouselVerbs = ['select', 'next', 'previous'] as const;
/** The verbs of the combobox. */
export const comboboxVerbs = ['show', 'close', 'toggle', 'select', 'deselect', 'clear'] as const;
/** The verbs of the dialog. */
export const dialogVerbs = ['show', 'close', 'toggle', 'ask'] as const;
/** The verbs of the disclosure. */
export const disclosureVerbs = opening;
/** The verbs of the drawer. */
export const drawerVerbs = ['show', 'close', 'toggle', 'ask'] as const;
/** The verbs of the listbox. */
export const listboxVerbs = selecting;
/** The verbs of the menu. */
export const menuVerbs = ['show', 'close', 'toggle', 'check', 'uncheck'] as const;
/** The verbs of the popover. */
export const popoverVerbs = opening;
/** The verbs of the switch. */
export const switchVerbs = ['check', 'uncheck', 'toggle'] as const;
/** The verbs of tabs. */
export const tabsVerbs = ['select', 'close'] as const;
/** The verbs of the tooltip. */
export const tooltipVerbs = opening;
/** The verbs of the tree. */
export const treeVerbs = [
  'select',
  'deselect',
  'clear',
  'expand',
  'collapse',
  'expandTo',
  'check',
  'uncheck',
] as const;
