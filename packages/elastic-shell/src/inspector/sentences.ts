// What has happened, in sentences: what, why, when, and what guards and owners have answered.
import { failureText } from '../core/text.js';
import { targetOf } from '../engine/dom.js';
import { wiredRun } from '../engine/registry.js';
import { because } from './because.js';
import type { Asking, ChangeHappening, Happening, Pending } from './record.js';
import { effectOf, valueText } from './values.js';
import { callOf, labelsOf, tagOf, titleOf } from './wired.js';

/** Something that happened, in sentences. */
export interface Told {
  /** The name of its root. */
  who: string;
  sentence: string;
  /** Its causes, each as a sentence. */
  facts: string[];
}

/** Returns a duration in words. */
export const duration = (milliseconds: number): string =>
  milliseconds < 1
    ? 'at once'
    : milliseconds < 1000
      ? `${Math.round(milliseconds)} ms`
      : `${(milliseconds / 1000).toFixed(1)} s`;

const past: Readonly<Record<string, string>> = {
  opens: 'Opened',
  closes: 'Closed',
  'turns on': 'Turned on',
  'turns off': 'Turned off',
};

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Returns the change of a state, in the past tense. */
function whatOf({ root, change: { name, value, previous } }: ChangeHappening): string {
  const effect = effectOf(name, previous, value, labelsOf(wiredRun(root)));
  if (!effect) return `Set ${name} again, with the same content`;
  if (Object.hasOwn(past, effect)) return past[effect] ?? effect;
  return upper(
    effect
      .replace(/\bopens\b/g, 'opened')
      .replace(/\bcloses\b/g, 'closed')
      .replace(/\bdeselects\b/g, 'deselected')
      .replace(/\bselects\b/g, 'selected')
      .replace(/\bunchecks\b/g, 'unchecked')
      .replace(/\bchecks\b/g, 'checked')
      .replace(/\bgoes to\b/, 'moved to')
      .replace(/\bleaves\b/, 'left')
      .replace(/\bbecomes\b/, 'became')
      .replace(/\bbrings back\b/, 'reopened'),
  );
}

/** Returns how long it was open, if it closes. */
function sinceOpening(happening: Happening, all: readonly Happening[]): string {
  if (happening.kind !== 'change' || happening.change.name !== 'open' || happening.change.value) return '';
  const opened = all.findLast(
    (each) =>
      each.kind === 'change' &&
      each.root === happening.root &&
      each.change.name === 'open' &&
      each.change.value === true &&
      each.id < happening.id,
  );
  return opened ? `, ${duration(happening.at - opened.at)} after it opened` : '';
}

const answeredIn = ({ asked, answered }: Asking): number => (answered ?? asked) - asked;

function askedFacts(guard: Asking | undefined, owner: Asking | undefined): string[] {
  const facts: string[] = [];
  if (guard && answeredIn(guard) >= 1)
    facts.push(`Its guard took ${duration(answeredIn(guard))} to allow it.`);
  if (owner)
    facts.push(
      answeredIn(owner) < 1
        ? 'Its owner accepted it at once.'
        : `Its owner accepted it after ${duration(answeredIn(owner))}.`,
    );
  return facts;
}

function changeFacts({ change, guard, owner }: ChangeHappening): string[] {
  const facts = askedFacts(guard, owner);
  const { reason, result, name, value } = change;
  if (reason === 'outside' && change.event?.type !== 'blur')
    facts.unshift('The click began and ended outside.');
  if (name === 'open' && !value && result) facts.push(`Its result is “${result}”.`);
  return facts;
}

/** Returns the requested change of a state: `it close`, `it select “Pans”`, `size become 3`. */
const asWish = (effect: string): string =>
  / becomes /.test(effect)
    ? effect.replace(' becomes ', ' become ')
    : `it ${effect
        .replace(/^goes\b/, 'go')
        .replace(/^([a-z]+?)s\b/, '$1')
        .replace(/ and ([a-z]+?)s “/, ' and $1 “')}`;

function tellRefusal({ root, change, by, error, guard, owner }: ChangeHappening): Told {
  const { name, value, previous } = change;
  const who = by === 'owner' ? 'owner' : 'guard';
  const asking = who === 'owner' ? owner : guard;
  const took = asking ? answeredIn(asking) : 0;
  const when = took < 1 ? 'at once' : `after ${duration(took)}`;
  const outcome = who === 'guard' ? `It returned false ${when}.` : `It kept its value, and replied ${when}.`;
  const facts = [
    `Its ${who} was called because ${because(change)}.`,
    error === undefined ? outcome : `It failed ${when}: ${failureText(error)}`,
  ];
  return {
    who: titleOf(root),
    sentence: `Refused: its ${who} did not let ${asWish(effectOf(name, previous, value, labelsOf(wiredRun(root))))}.`,
    facts,
  };
}

const kept = {
  'began-inside': 'The click began inside. Only a click that begins and ends outside closes it.',
  option: 'Its option outside is “keep”.',
} as const;

/** Describes something that happened. `all` contains everything before it. */
export function tellHappening(happening: Happening, all: readonly Happening[]): Told {
  const { root } = happening;
  const who = titleOf(root);
  switch (happening.kind) {
    case 'message':
      return {
        who,
        sentence: happening.entry.sentence,
        facts: [happening.entry.remedy ?? ''].filter(Boolean),
      };
    case 'kept':
      return {
        who,
        sentence: `Stayed open, though you clicked outside: on ${tagOf(targetOf(happening.event) ?? root)}.`,
        facts: [kept[happening.why]],
      };
    case 'escape-left':
      return {
        who,
        sentence: `Escape was left to ${callOf(root)}, which may use it itself.`,
        facts: ['A second Escape closes the layer around it.'],
      };
    case 'refused':
      return tellRefusal(happening);
    case 'busy':
      return {
        who,
        sentence: `Ignored: it was busy with another change when “${happening.change.name}” was requested.`,
        facts: [`It was requested because ${because(happening.change)}.`, 'Its guard was still pending.'],
      };
    default:
      return {
        who,
        sentence: `${whatOf(happening)} because ${because(happening.change)}${sinceOpening(happening, all)}.`,
        facts: changeFacts(happening),
      };
  }
}

/** Describes a change that is still pending. */
export const tellPending = ({ root, change, who, since }: Pending, now: number): string =>
  `Pending: the ${who} of ${titleOf(root)} was called ${duration(now - since)} ago, to change ${change.name} to ${valueText(change.value)}.`;
