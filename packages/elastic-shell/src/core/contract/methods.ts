// The methods of each pattern: what a program may call on what is wired, by name. Elements have them as methods, and the handles
// of bindings as functions, before there is anything wired to call them on. Each pattern's notes say what they do.

const opening = ['show', 'close', 'toggle'] as const;
const selecting = ['select', 'deselect', 'clear'] as const;

/** The methods of the accordion. */
export const accordionMethods = ['expand', 'collapse'] as const;
/** The methods of the carousel. */
export const carouselMethods = ['select', 'next', 'previous'] as const;
/** The methods of the combobox. */
export const comboboxMethods = ['show', 'close', 'toggle', 'select', 'deselect', 'clear'] as const;
/** The methods of the dialog. */
export const dialogMethods = ['show', 'close', 'toggle', 'ask'] as const;
/** The methods of the disclosure. */
export const disclosureMethods = opening;
/** The methods of the drawer. */
export const drawerMethods = ['show', 'close', 'toggle', 'ask'] as const;
/** The methods of the listbox. */
export const listboxMethods = selecting;
/** The methods of the menu. */
export const menuMethods = ['show', 'close', 'toggle', 'check', 'uncheck'] as const;
/** The methods of the popover. */
export const popoverMethods = opening;
/** The methods of the switch. */
export const switchMethods = ['check', 'uncheck', 'toggle'] as const;
/** The methods of tabs. */
export const tabsMethods = ['select', 'close'] as const;
/** The methods of the tooltip. */
export const tooltipMethods = opening;
/** The methods of the tree. */
export const treeMethods = [
  'select',
  'deselect',
  'clear',
  'expand',
  'collapse',
  'expandTo',
  'check',
  'uncheck',
] as const;
