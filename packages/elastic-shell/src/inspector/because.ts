// Why something changed, as a clause that begins with "because", by reason.
import type { Change } from '../engine/types.js';
import { innermostOf, isElement, targetOf } from '../engine/dom.js';
import { callOf, tagOf } from './wired.js';

type Why = Pick<Change, 'reason' | 'event' | 'source'>;

/** Returns the target of an event in words, or the page if the target is the document. */
const on = (event: Event | undefined): string => {
  const element = event && (innermostOf(event) ?? targetOf(event));
  return element ? tagOf(element) : 'the page';
};

const keyName = (event: Event | undefined): string =>
  event && 'key' in event ? (event.key === ' ' ? 'Space' : String(event.key)) : 'a key';

const control = ({ source, event }: Why): string => (source ? callOf(source) : on(event));

/** Returns where focus came from, in words. */
const from = (event: Event | undefined): string => {
  const other = event && 'relatedTarget' in event ? event.relatedTarget : undefined;
  return isElement(other) ? `from ${tagOf(other)} ` : '';
};

function commandOf(why: Why): string {
  const command = why.source?.getAttribute('command');
  return command ? `, which has the command “${command}”` : '';
}

/** The clauses by reason. */
const clauses: Readonly<Record<Change['reason'], (why: Why) => string>> = {
  command: (why) => `you used ${control(why)}${commandOf(why)}`,
  press: (why) => `you pressed ${control(why)}`,
  key: (why) => `you pressed ${keyName(why.event)} on ${control(why)}`,
  escape: ({ event }) =>
    event?.type === 'cancel' ? 'of a back gesture, or Escape' : `you pressed Escape, on ${on(event)}`,
  outside: ({ event }) => `you pressed outside: on ${event?.type === 'blur' ? 'a frame' : on(event)}`,
  'focus-left': ({ event }) =>
    event
      ? `focus left it: it went ${from(event)}to ${on(event)}`
      : 'focus left it, or a modal dialog opened from it',
  hover: ({ event }) =>
    event?.type === 'focusin' ? `focus came to ${on(event)}` : `the pointer came or went, over ${on(event)}`,
  parent: () => 'what it was opened from has closed',
  sibling: () => 'another has opened, and only one may be open',
  found: () => 'find-in-page has found a text in it',
  viewport: () =>
    'what it stands beside has gone out of view, or the page is now wide or narrow enough for another form',
  timer: () => 'a timer of its own has ended',
  removed: () => 'the element, or one that it needs, was taken out of the document',
  native: ({ event }) =>
    event
      ? `the platform has done so: the event ${event.type} on ${on(event)}`
      : 'the platform, or a script that wrote its attributes, has done so',
  owner: () => 'its owner (a cell, or a state of the framework) has said so',
  program: () => 'a program has set it',
};

/** Returns the clause, without "because". */
export const because = (why: Why): string => clauses[why.reason](why);
