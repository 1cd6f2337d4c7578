// The words that patterns share: of options, states, methods and commands that mean the same wherever they stand.
import type { OptionNote } from './contract.js';

const followed = 'The first state, or a cell that is followed both ways.';
const option = (name: string, values: string, otherwise: string, does: string): OptionNote => ({
  name,
  values,
  default: otherwise,
  does,
});

/** Options, each as it is where a pattern says nothing else. */
export const options = {
  open: option('open', 'true, false or a cell', 'as the markup shows', followed),
  selectedKey: option('selected', 'a key or a cell', 'as the markup shows', followed),
  selected: option('selected', 'a key, with multiple keys; or a cell', 'as the markup shows', followed),
  expanded: option('expanded', 'keys or a cell', 'as the markup shows', followed),
  checked: option('checked', 'keys or a cell', 'as the markup shows', followed),
  query: option('query', 'text or a cell', 'empty', 'What is searched for: the first state, or a cell.'),
  guard: option('guard', 'function', 'none', 'May refuse a change, or make it wait for a promise.'),
  onChange: option('onChange', 'function', 'none', 'Hears every change with its reason.'),
  onRefuse: option(
    'onRefuse',
    'function',
    'none',
    'Hears every change that was refused, by the guard or by the owner of a state.',
  ),
  externalChanges: option(
    'externalChanges',
    'accept, revert',
    'accept; revert for what opens above the page',
    'What happens when other code changes an attribute that shows a state: the state follows, or the attribute is written again.',
  ),
  multiple: option('multiple', 'true, false', 'false', 'Whether several may be selected.'),
  wrap: option('wrap', 'true, false', 'true', 'From the last goes on to the first, and back.'),
  outside: option('outside', 'close, absorb, keep', 'close', 'What a press outside does.'),
  escape: option('escape', 'close, keep', 'close', 'What Escape and the back gesture do.'),
  focusOut: option('focusOut', 'close, keep', 'keep', 'What happens when focus leaves it and its opener.'),
  behind: option(
    'behind',
    'close, keep',
    'keep',
    'What becomes of it when a modal dialog opens from a control in it.',
  ),
  firstFocus: option(
    'firstFocus',
    'selector, element or function',
    'see what it owes',
    'Where focus goes on opening.',
  ),
  focusReturn: option(
    'focusReturn',
    'selector, element or function',
    'the opener, else what follows where it stood',
    'Where focus goes on closing.',
  ),
  content: option(
    'content',
    'function, or the selector of a <template>',
    'none: what the markup holds',
    'Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry.',
  ),
  loadOn: option('loadOn', 'open, hover, idle', 'open', 'When such content is asked for.'),
  keepContent: option('keepContent', 'true, false', 'true', 'Whether such content stays after closing.'),
  messages: option(
    'messages',
    '{ loading(), retry(), failed(error) }',
    'English; the error’s own message',
    'The words of progress, of the retry, and of a failure.',
  ),
  area: option(
    'area',
    'block-end, block-start span-inline-end, …',
    'block-end',
    'Where it stands, by the grammar of position-area.',
  ),
  gap: option('gap', 'pixels', '8', 'How far it stands from its anchor.'),
  edgeGap: option('edgeGap', 'pixels', '8', 'How far it keeps from the edge of the screen.'),
  fallbacks: option(
    'fallbacks',
    'flip-block, flip-inline, both, flip-start, …',
    'the first three; beside an inline side also above and below',
    'What is tried when there is no room.',
  ),
  fit: option('fit', 'content, anchor', 'content', 'How wide it is.'),
  anchor: option('anchor', 'element, { x, y } or function', 'the opener', 'What it stands beside.'),
  hoverDelay: option('hoverDelay', 'milliseconds', '300', 'How long the pointer rests before it opens.'),
  items: option(
    'items',
    'a list of items or a cell',
    'none: the markup holds them',
    'Items as data: { key, label, disabled, description, group }.',
  ),
  render: option('render', 'function', 'the label, and the description', 'Makes what stands in a row.'),
  rowHeight: option(
    'rowHeight',
    'same, measured',
    'same',
    'Whether each row that is shown is measured; beyond 200 rows only those in view are on the page.',
  ),
  match: option(
    'match',
    'starts-with, contains or a function',
    'contains',
    'How what is searched for finds a row, whatever its case and accents.',
  ),
  name: option(
    'name',
    'text',
    'the attribute data-name of the root',
    'The name under which the selected keys are sent with a form.',
  ),
} as const;

/** `note` with a word of its own. */
export const but = (note: OptionNote, words: Partial<OptionNote>): OptionNote => ({ ...note, ...words });

/** Options that come together. */
export const common = [options.guard, options.onChange, options.onRefuse, options.externalChanges];
/** Of what stands above the page. */
export const layerOptions = [
  options.outside,
  options.escape,
  options.focusOut,
  options.behind,
  options.firstFocus,
  options.focusReturn,
];
/** Of content that comes later. */
export const contentOptions = [options.content, options.loadOn, options.keepContent, options.messages];
/** Of what stands beside something. */
export const placeOptions = [options.area, options.gap, options.edgeGap, options.fallbacks];

/** States. */
export const busyState = {
  name: 'busy',
  type: 'boolean, read only',
  first: 'false',
  shown: 'aria-busy on the root, aria-disabled on the control that was used',
};

/** What a program calls. */
const method = (name: string, does: string) => ({ name, does });
/** Of what opens. */
export const openMethods = [
  method('show()', 'Opens it, if the guard allows.'),
  method('close()', 'Closes it, if the guard allows.'),
  method('toggle()', 'Opens it when it is closed, closes it when it is open.'),
];
/** Of what answers with a result. */
export const resultMethods = [
  method('show()', 'Opens it, if the guard allows.'),
  method(
    'close(result)',
    'Closes it, with the result that ask() answers with. Default: null, as when dismissed.',
  ),
  method('toggle()', 'Opens it when it is closed, closes it when it is open.'),
  method('ask()', 'Opens it; answers with the value of the control that closed it, or null when dismissed.'),
];
/** Of what selects. */
export const selectMethods = [
  method('select(key)', 'Selects an item; with multiple, besides the others.'),
  method('deselect(key)', 'Takes an item out of the selection.'),
  method('clear()', 'Selects nothing.'),
];
/** Of what expands. */
export const expandMethods = [
  method('expand(key)', 'Opens an item; without a key all of them.'),
  method('collapse(key)', 'Closes an item; without a key all of them.'),
];
/** Of what checks. */
export const checkMethods = [
  method('check(key)', 'Checks an item.'),
  method('uncheck(key)', 'Takes the check away.'),
];

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
/** Of popovers, with those of the platform. */
export const popoverCommands = [
  ...openCommands,
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
