// What the journal reports at run time, by code: the sentence, the remedy, and the text for the documents.
import type { Reports, Steps } from '../core/report.js';
import { failureText } from '../core/text.js';
import { isElement } from '../engine/dom.js';
import { markupOf } from './document.js';
import { tagText } from './rules/index.js';

/** How serious it is. A note only records what happened. */
export type Severity = 'error' | 'warning' | 'note';

/** A code that is reported at run time. `D` contains its values. */
export interface RuntimeCode<D> {
  severity: Severity;
  /** When it is reported, in one line. */
  summary: string;
  /** Returns the sentence. `tag` is the element that it is about. */
  sentence(tag: string, detail: D): string;
  /** What to do about it, if anything can be done. */
  remedy?: string;
}

/** Everything that the engine reports. */
export const reported: { [C in Exclude<keyof Reports, keyof Steps>]: RuntimeCode<Reports[C]> } = {
  change: {
    severity: 'note',
    summary: 'A state has changed. The entry has the previous value, the new value and the reason.',
    sentence: (tag, { name, value, reason }) => `${tag}: ${name} became ${String(value)}, reason ${reason}.`,
  },
  refused: {
    severity: 'note',
    summary:
      'A guard or a controlling store has refused a change. The entry has the error, if there was one.',
    sentence: (tag, { name, value, reason, error, by }) =>
      `${tag}: ${by === 'owner' ? 'the controlling store' : 'a guard'} refused ${name} = ${String(value)}, reason ${reason}${error === undefined ? '' : `: ${failureText(error)}`}.`,
    remedy:
      'If the change should have happened, look at the guard or at the store that controls the state, whichever the entry names. A guard refuses by returning false or throwing. A store refuses by keeping its value.',
  },
  busy: {
    severity: 'note',
    summary: 'A change was requested while a guard was pending, and was ignored.',
    sentence: (tag, { name, value, reason }) =>
      `${tag}: ${name} = ${String(value)}, reason ${reason}, was ignored because a guard is pending.`,
    remedy: 'Show users that the pattern is waiting: its state busy is true until the guard resolves.',
  },
  'owner-silent': {
    severity: 'warning',
    summary: 'The store that controls a state was given a value and hasn’t responded for a second.',
    sentence: (tag, { name, value, reason }) =>
      `${tag}: ${name} = ${String(value)}, reason ${reason}, is waiting for the store that controls it, which hasn’t responded for a second.`,
    remedy: 'Resolve the promise that set returns as soon as the store has accepted or refused the value.',
  },
  'layer-inert': {
    severity: 'warning',
    summary: 'A layer has opened outside the open modal dialog, so it is visible but inert.',
    sentence: (tag, { modal }) =>
      `${tag} has opened outside ${isElement(modal) ? tagText(markupOf(modal)) : 'a dialog'}, which is modal, so it is visible but inert.`,
    remedy: 'Move it into the modal dialog.',
  },
  'key-duplicate': {
    severity: 'warning',
    summary: 'Two items have the same key. The later one gets another key or, in data, is left out.',
    sentence: (tag, { key }) => `${tag} has the key "${key}", which an earlier item already has.`,
    remedy: 'Give each item its own data-key.',
  },
  'key-missing': {
    severity: 'warning',
    summary: 'The selected key belongs to no item.',
    sentence: (tag, { key }) => `${tag}: "${key}" was selected, but no item has that key.`,
    remedy: 'Add the item, which will then be selected, or select another key.',
  },
  'key-unknown': {
    severity: 'warning',
    summary: 'expandTo was called with the key of a row that isn’t loaded.',
    sentence: (tag, { key }) => `${tag}: expandTo("${key}") found no loaded row with that key.`,
    remedy: 'Expand the lazy branch that contains the row first, or use another key.',
  },
  'content-failed': {
    severity: 'warning',
    summary: 'Lazy content failed to load.',
    sentence: (tag, { error }) => `${tag}: its content failed to load: ${failureText(error)}`,
    remedy: 'Look at the error in the entry. Users can try again, and so does closing and opening.',
  },
  'branch-failed': {
    severity: 'warning',
    summary: 'The children of a lazy branch failed to load.',
    sentence: (tag, { key, error }) =>
      `${tag}: the children of "${key}" failed to load: ${failureText(error)}`,
    remedy: 'Look at the error in the entry. Users can try again with the row that shows the failure.',
  },
  'options-failed': {
    severity: 'warning',
    summary: 'The options of a combobox failed to load.',
    sentence: (tag, { query, error }) =>
      `${tag}: the options for "${query}" failed to load: ${failureText(error)}`,
    remedy: 'Look at the error in the entry. Users can try again, and typing loads the options again.',
  },
  'render-failed': {
    severity: 'warning',
    summary: 'A render function threw for an item. Its row shows the label instead.',
    sentence: (tag, { key, error }) => `${tag}: render failed for "${key}": ${failureText(error)}`,
    remedy: 'Change the function render so that it handles this item.',
  },
};

/** What the journal itself notices about clicks that do nothing. */
export const wished = {
  'press-target-missing': {
    summary: 'A control was clicked whose target isn’t on the page.',
    remedy: 'Add the element, or correct the id that the control names.',
  },
  'command-unheard': {
    summary: 'A control sent a command that its target doesn’t support.',
    remedy: 'Use one of the commands that the entry lists. The page of each pattern lists them too.',
  },
  'control-disabled': {
    summary: 'A control was clicked while it had aria-disabled="true".',
    remedy: 'Explain beside the control why it isn’t available.',
  },
} as const;

/** Every code of run time, for the documents. Without a `remedy` there is nothing to do. */
export const runtimeCodes: readonly { code: string; severity: Severity; summary: string; remedy?: string }[] =
  [
    ...Object.entries(reported).map(([code, { severity, summary, remedy }]) => ({
      code,
      severity,
      summary,
      ...(remedy !== undefined && { remedy }),
    })),
    ...Object.entries(wished).map(([code, wish]) => ({ code, severity: 'warning' as const, ...wish })),
  ];
