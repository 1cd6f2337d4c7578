// The record: what has happened on the page, with its causes. It begins when the inspector is imported, so it
// includes what happened before the panel was opened. It only stores what it receives. The journal reports
// changes and refusals at the end, and the steps on the way (a guard or an owner is called, and has answered;
// a click has ended; Escape was left to a widget). Both are combined here.
import type { Change } from '../engine/types.js';
import { deliver } from '../core/cell.js';
import { isElement, targetOf } from '../engine/dom.js';
import { isAsking, wiredRun } from '../engine/registry.js';
import { type Entry, journal } from '../journal/index.js';
import { hearSteps, type Step } from '../journal/steps.js';
import { layersOf, type OpenLayer } from '../layer/open-layers.js';

/** When a guard or owner was called, and when it answered, in milliseconds since the page loaded. */
export interface Asking {
  asked: number;
  answered?: number;
}

/** A pending change, and which guards and owners were called about it. */
interface Way {
  root: HTMLElement;
  change: Change;
  guard?: Asking;
  owner?: Asking;
}

interface Moment {
  id: number;
  at: number;
  root: HTMLElement;
}

/** A change that has happened, was refused, or was ignored. */
export interface ChangeHappening extends Moment {
  kind: 'change' | 'refused' | 'busy';
  change: Change;
  guard?: Asking;
  owner?: Asking;
  /** Who has refused it, and with which error. */
  by?: 'guard' | 'owner';
  error?: unknown;
}

/** Something that happened. */
export type Happening =
  | ChangeHappening
  /** A click outside an open layer that did not close it, and why. */
  | (Moment & { kind: 'kept'; event: Event; why: 'began-inside' | 'option' })
  /** An Escape that the focused widget may use itself. */
  | (Moment & { kind: 'escape-left'; event: Event })
  | (Moment & { kind: 'message'; entry: Entry });

const most = 1000;
const happenings: Happening[] = [];
const listeners = new Set<() => void>();
let ways: Way[] = [];
let count = 0;

const tellAll = (): void => deliver([...listeners]);

type News = Happening extends infer H ? (H extends unknown ? Omit<H, 'id'> : never) : never;

function add(news: News): void {
  happenings.push({ ...news, id: ++count });
  if (happenings.length > most) happenings.shift();
  tellAll();
}

const isSameChange = (one: Change, other: Change): boolean =>
  one === other || (one.name === other.name && one.event === other.event && one.reason === other.reason);

/** The steps of a change that is complete. They are not looked up again. */
function endWay(root: HTMLElement, change: Change): Way | undefined {
  const way = ways.findLast((each) => each.root === root && isSameChange(each.change, change));
  ways = ways.filter((each) => each !== way && each.root.isConnected);
  return way;
}

/** Who is called, or has answered. */
function onAsked(who: 'guard' | 'owner', root: HTMLElement, change: Change, at: number): void {
  const known = ways.findLast((each) => each.root === root && isSameChange(each.change, change));
  const way: Way = known ?? { root, change };
  if (!known) ways.push(way);
  const asking = way[who];
  if (asking && asking.answered === undefined) asking.answered = at;
  else way[who] = { asked: at };
  if (ways.length > 100) ways = ways.slice(-50);
  tellAll();
}

/** Returns why a click outside does not close a layer. Undefined if it does, or was not outside. */
function whyKept(
  layer: OpenLayer,
  inside: readonly unknown[],
  event: Event,
): 'began-inside' | 'option' | 'opener' | undefined {
  const path = event.composedPath();
  if (path.includes(layer.id)) return undefined;
  if (layer.owners?.().some((owner) => path.includes(owner))) return 'opener';
  if (inside.includes(layer.id)) return 'began-inside';
  return layer.outside === 'keep' ? 'option' : undefined;
}

function onPress({ event: press, inside }: { event: Event; inside: readonly unknown[] }, at: number): void {
  const document = targetOf(press)?.ownerDocument;
  for (const layer of document ? layersOf(document) : []) {
    const isAround = layersOf(document ?? layer.id.ownerDocument).some(
      ({ parent, id }) => parent === layer.id && press.composedPath().includes(id),
    );
    const why = isAround ? undefined : whyKept(layer, inside, press);
    if (why && why !== 'opener') add({ kind: 'kept', at, root: layer.id, event: press, why });
  }
}

function onStep(step: Step): void {
  const { subject, at } = step;
  if (step.code === 'press') return onPress(step.detail, at);
  if (!isElement(subject)) return;
  if (step.code === 'escape-left')
    return add({ kind: 'escape-left', at, root: subject, event: step.detail.event });
  onAsked(step.code, subject, step.detail, at);
}

function onEntry(entry: Entry): void {
  const { code, element, change, at } = entry;
  if (!isElement(element)) return;
  if (!change || code === 'owner-silent') {
    if (entry.count === 1) add({ kind: 'message', at, root: element, entry });
    // It happened again, so only its count has changed.
    else tellAll();
    return;
  }
  const way = code === 'busy' ? undefined : endWay(element, change);
  const asked = { ...(way?.guard && { guard: way.guard }), ...(way?.owner && { owner: way.owner }) };
  const kind = code === 'refused' || code === 'busy' ? code : 'change';
  add({
    kind,
    at,
    root: element,
    change,
    ...asked,
    ...(entry.by && { by: entry.by }),
    ...(entry.error !== undefined && { error: entry.error }),
  });
}

/** A change that is still pending: who has been called, and when. */
export interface Pending {
  root: HTMLElement;
  change: Change;
  who: 'guard' | 'owner';
  since: number;
}

/** What has happened on this page. */
export const record = {
  /** The last 1,000 entries, oldest first. */
  all: (): readonly Happening[] => happenings,
  /** Changes that are still pending. */
  pending: (): Pending[] =>
    ways.flatMap(({ root, change, guard, owner }) => {
      const asking = owner ?? guard;
      const run = wiredRun(root);
      const isOn = owner ? run && isAsking(run) : run?.waiting;
      return isOn && asking && asking.answered === undefined
        ? [{ root, change, who: owner ? ('owner' as const) : ('guard' as const), since: asking.asked }]
        : [];
    }),
  clear(): void {
    happenings.length = 0;
    tellAll();
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
};

/** Starts the record, with what the journal has stored so far. */
export function beginRecord(): void {
  journal.entries.forEach(onEntry);
  journal.subscribe(onEntry);
  hearSteps(onStep);
}
