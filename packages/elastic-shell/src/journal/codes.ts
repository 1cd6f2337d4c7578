// What the journal says at run time, by code: the sentence, what to do about it, and the words for the documents.
import type { Reports, Steps } from '../core/report.js';
import { failureText } from '../core/text.js';
import { isElement } from '../engine/dom.js';
import { markupOf } from './document.js';
import { tagText } from './rules/index.js';

/** How bad it is; a note only tells what happened. */
export type Severity = 'error' | 'warning' | 'note';

/** A code that is met with at run time. `D` has the values in it. */
export interface RuntimeCode<D> {
  severity: Severity;
  /** When it is entered, in one line. */
  says: string;
  /** `tag`: the element it concerns. */
  sentence(tag: string, detail: D): string;
  /** What to do about it, where there is something to do. */
  remedy?: string;
}

/** Everything that the engine tells. */
export const reported: { [C in Exclude<keyof Reports, keyof Steps>]: RuntimeCode<Reports[C]> } = {
  change: {
    severity: 'note',
    says: 'A state has changed: from what, to what, and why.',
    sentence: (tag, { name, value, reason }) => `${tag}: ${name} became ${String(value)}, reason ${reason}.`,
  },
  refused: {
    severity: 'note',
    says: 'A guard, or the owner of a state, has refused a change; with the error if there was one.',
    sentence: (tag, { name, value, reason, error, by }) =>
      `${tag}: ${by === 'owner' ? 'its owner' : 'a guard'} refused that ${name} become ${String(value)}, reason ${reason}${error === undefined ? '' : `: ${failureText(error)}`}.`,
    remedy:
      'If the change should have happened, look at the guard or at the owner of the state, as the entry says. A guard refuses when it returns false or throws; an owner refuses when it keeps its value.',
  },
  busy: {
    severity: 'note',
    says: 'Something was wished while a guard was still making up its mind; it was ignored.',
    sentence: (tag, { name, value, reason }) =>
      `${tag}: ${name} was to become ${String(value)}, reason ${reason}, while a guard was still making up its mind; it was ignored.`,
    remedy: 'Show the user that it is waiting: the state busy is true until the guard answers.',
  },
  'owner-silent': {
    severity: 'warning',
    says: 'The owner of a state was given a value, and has not answered for a second.',
    sentence: (tag, { name, value, reason }) =>
      `${tag}: ${name} was to become ${String(value)}, reason ${reason}, and its owner has not answered for a second; until then nothing is shown.`,
    remedy: 'Resolve the promise that set returns as soon as it is known whether the value is taken.',
  },
  'layer-inert': {
    severity: 'warning',
    says: 'A layer has opened outside the modal dialog that is open: it shows, and nothing in it can be reached.',
    sentence: (tag, { modal }) =>
      `${tag} has opened over ${isElement(modal) ? tagText(markupOf(modal)) : 'a dialog'}, which is modal, and stands outside it: it shows and nothing in it can be reached.`,
    remedy: 'Move it into the modal dialog.',
  },
  'key-duplicate': {
    severity: 'warning',
    says: 'Two items have one key; the later one is given another, or is left out of data.',
    sentence: (tag, { key }) => `${tag} has the key "${key}", which another item before it has already.`,
    remedy: 'Give each item a data-key of its own.',
  },
  'key-missing': {
    severity: 'warning',
    says: 'A key was selected that no item has.',
    sentence: (tag, { key }) => `${tag} was told to select "${key}", and no item has that key.`,
    remedy: 'Add the item, and it is selected then; or select another.',
  },
  'key-unknown': {
    severity: 'warning',
    says: 'A tree was told to expand to a row that is not at hand.',
    sentence: (tag, { key }) => `${tag} was told to expand to "${key}", and no row at hand has that key.`,
    remedy: 'Open the branch that it comes with first, or name another.',
  },
  'content-failed': {
    severity: 'warning',
    says: 'Content that comes later did not come.',
    sentence: (tag, { error }) => `${tag}: its content did not come: ${failureText(error)}`,
    remedy: 'Look at the error in the entry. The user can try again, and so does closing and opening.',
  },
  'branch-failed': {
    severity: 'warning',
    says: 'What is under a lazy branch did not come.',
    sentence: (tag, { key, error }) => `${tag}: what is under "${key}" did not come: ${failureText(error)}`,
    remedy: 'Look at the error in the entry. The user can try again at the row that shows the failure.',
  },
  'options-failed': {
    severity: 'warning',
    says: 'The options that a combobox asked for did not come.',
    sentence: (tag, { query, error }) =>
      `${tag}: the options for "${query}" did not come: ${failureText(error)}`,
    remedy: 'Look at the error in the entry. The user can try again, and typing asks again.',
  },
  'render-failed': {
    severity: 'warning',
    says: 'A render function threw for an item; its row shows the label instead.',
    sentence: (tag, { key, error }) => `${tag}: render failed for "${key}": ${failureText(error)}`,
    remedy: 'Change the function render so that it handles this item.',
  },
};

/** What the journal itself sees of presses that do nothing. */
export const wished = {
  'press-target-missing': {
    says: 'A control was pressed that names an element that is not on the page.',
    remedy: 'Add the element, or correct the id that the control names.',
  },
  'command-unheard': {
    says: 'A control sent a command that its target does not know.',
    remedy: 'Send one of the commands that the entry lists. The page of each pattern lists them as well.',
  },
  'control-disabled': {
    says: 'A control was pressed while it had aria-disabled="true".',
    remedy: 'Say beside the control why it cannot be used now.',
  },
} as const;

/** Every code of run time, for the documents. Without a `remedy` there is nothing to do. */
export const runtimeCodes: readonly { code: string; severity: Severity; says: string; remedy?: string }[] = [
  ...Object.entries(reported).map(([code, { severity, says, remedy }]) => ({
    code,
    severity,
    says,
    ...(remedy !== undefined && { remedy }),
  })),
  ...Object.entries(wished).map(([code, wish]) => ({ code, severity: 'warning' as const, ...wish })),
];
