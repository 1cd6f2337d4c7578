// The words about states and commands that several patterns share.

/** States. */
export const busyState = {
  name: 'busy',
  type: 'boolean, read only',
  first: 'false',
  shown: 'aria-busy on the root, aria-disabled on the control that was used',
};

/** What a control asks for by its attribute `command`. */
const command = (name: string, does: string, value?: string) => ({ name, does, ...(value && { value }) });
const key = 'the key of an item';
/** Of what opens. */
export const openCommands = [
  command('--open', 'Opens it.'),
  command('--close', 'Closes it.'),
  command('--toggle', 'Opens it when it is closed, closes it when it is open.'),
];
/** Of what answers with a result. */
export const resultCommands = [
  command('--open', 'Opens it.'),
  command('--close', 'Closes it.', 'the result'),
  command('--toggle', 'Opens it when it is closed, closes it when it is open.'),
  command('show-modal', 'Opens it; the platform’s own command.'),
  command('close', 'Closes it; the platform’s own command.', 'the result'),
  command('request-close', 'Closes it; the platform’s own command.', 'the result'),
];
/** The platform's own, for what is shown as a popover. */
export const popoverCommands = [
  command('show-popover', 'Opens it; the platform’s own command.'),
  command('hide-popover', 'Closes it; the platform’s own command.'),
  command('toggle-popover', 'Opens or closes it; the platform’s own command.'),
];
/** Of what selects. */
export const selectCommands = [
  command('--select', 'Selects an item; with multiple, besides the others.', key),
  command('--deselect', 'Takes an item out of the selection.', key),
  command('--select-all', 'Selects all that can be, where several may be selected.'),
  command('--clear', 'Selects nothing.'),
];
/** Of what expands. */
export const expandCommands = [
  command('--expand', 'Opens an item; without a value all of them.', key),
  command('--collapse', 'Closes an item; without a value all of them.', key),
  command('--toggle', 'Opens an item when it is closed, closes it when it is open.', key),
];
/** Of what checks. */
export const checkCommands = [
  command('--check', 'Checks an item.', key),
  command('--uncheck', 'Takes the check away.', key),
];
/** Of what goes from one to the next. */
export const moveCommands = [
  command('--next', 'On to the next one.'),
  command('--previous', 'Back to the previous one.'),
  command('--first', 'To the first one.'),
  command('--last', 'To the last one.'),
];
