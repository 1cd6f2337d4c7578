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
  press: (why) => `you clicked ${control(why)}`,
  key: (why) => `you pressed ${keyName(why.event)} on ${control(why)}`,
  escape: ({ event }) =>
    event?.type === 'cancel' ? 'of a back gesture, or Escape' : `you pressed Escape, on ${on(event)}`,
  outside: ({ event }) => `you clicked outside: on ${event?.type === 'blur' ? 'a frame' : on(event)}`,
  'focus-left': ({ event }) =>
    event
      ? `focus left it: it moved ${from(event)}to ${on(event)}`
      : 'focus left it, or a modal dialog opened from it',
  hover: ({ event }) =>
    event?.type === 'focusin' ? `focus moved to ${on(event)}` : `the pointer entered or left ${on(event)}`,
  parent: () => 'the layer that opened it has closed',
  sibling: () => 'another one has opened, and only one may be open',
  found: () => 'find-in-page has found text in it',
  viewport: () => 'its anchor has left the visible area, or the page now has another width',
  timer: () => 'its timer has ended',
  removed: () => 'the element, or one that it needs, was removed from the document',
  native: ({ event }) =>
    event
      ? `the browser did it: the event ${event.type} on ${on(event)}`
      : 'the browser, or a script that wrote its attributes, did it',
  owner: () => 'its owner (a cell, or a state of the framework) has a new value',
  program: () => 'code has set it',
};

/** Returns the clause, without "because". */
export const because = (why: Why): string => clauses[why.reason](why);
