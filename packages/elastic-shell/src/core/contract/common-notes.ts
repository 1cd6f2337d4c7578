// Notes about states and commands that several patterns share.

/** States. */
export const busyState = {
  name: 'busy',
  type: 'boolean, read only',
  first: 'false',
  shown: 'aria-busy on the root, aria-disabled on the control that was used',
};

/** The commands of controls, in the attribute `command`. */
const command = (name: string, does: string, value?: string) => ({ name, does, ...(value && { value }) });
const key = 'the item key';
/** For patterns that open. */
export const openCommands = [
  command('--open', 'Opens it.'),
  command('--close', 'Closes it.'),
  command('--toggle', 'Opens it if it is closed, and closes it if it is open.'),
];
/** For patterns with a result. */
export const resultCommands = [
  command('--open', 'Opens it.'),
  command('--close', 'Closes it.', 'the result'),
  command('--toggle', 'Opens it if it is closed, and closes it if it is open.'),
  command('show-modal', 'Opens it. A built-in command of HTML.'),
  command('close', 'Closes it. A built-in command of HTML.', 'the result'),
  command('request-close', 'Closes it. A built-in command of HTML.', 'the result'),
];
/** HTML's own commands for popovers. */
export const popoverCommands = [
  command('show-popover', 'Opens it. A built-in command of HTML.'),
  command('hide-popover', 'Closes it. A built-in command of HTML.'),
  command('toggle-popover', 'Opens or closes it. A built-in command of HTML.'),
];
/** For patterns with selection. */
export const selectCommands = [
  command('--select', 'Selects an item. With multiple, adds it to the selection.', key),
  command('--deselect', 'Removes an item from the selection.', key),
  command('--select-all', 'Selects every item that can be selected, if several may be selected.'),
  command('--clear', 'Clears the selection.'),
];
/** For patterns that expand. */
export const expandCommands = [
  command('--expand', 'Expands an item, or all of them if no value is given.', key),
  command('--collapse', 'Collapses an item, or all of them if no value is given.', key),
  command('--toggle', 'Expands an item if it is collapsed, and collapses it if it is expanded.', key),
];
/** For patterns with checkboxes. */
export const checkCommands = [
  command('--check', 'Checks an item.', key),
  command('--uncheck', 'Unchecks an item.', key),
];
/** For patterns that move from one item to the next. */
export const moveCommands = [
  command('--next', 'Goes to the next one.'),
  command('--previous', 'Goes to the previous one.'),
  command('--first', 'Goes to the first one.'),
  command('--last', 'Goes to the last one.'),
];
