// Layers that are kept beside their anchors in one window: what may move all of them is heard once, and those that open in one
// task are placed together.
import { windowOf } from '../engine/dom.js';
import { listen } from '../events/listen.js';
import { type Kept, place } from './kept.js';

/** A layer, as those are placed that are placed together. */
export interface Member {
  held: Kept;
  /** It has its place: from now on it is watched. */
  watch(): void;
}

/** Places layers together, and has each watched from then on. */
export const placeAll = (members: readonly Member[]): void => {
  place(members.map(({ held }) => held));
  for (const { watch } of members) watch();
};

/** The layers that are kept in one window. What may move all of them is heard once. */
export interface Group {
  members: Set<Member>;
  /** How many have opened in this task, and those of them that wait for its end. */
  opened: number;
  waiting: Member[];
  release(): void;
}

const groups = new Map<Window, Group>();
/** Beyond so many, layers are placed by script: browsers lay out all that are glued again when one more opens. */
export const mostGlued = 3;

/** Counts of a window; made with the first layer in it. */
export function groupOf(layer: Element): Group {
  const view = windowOf(layer);
  const known = groups.get(view);
  if (known) return known;
  const members = new Set<Member>();
  const all = (): void => placeAll([...members]);
  // The platform tells of these once a frame, before it draws.
  const releases = [
    listen(layer.ownerDocument, { scroll: all }, ['scroll']),
    listen(view, { resize: all }),
    ...(view.visualViewport ? [listen(view.visualViewport, { resize: all })] : []),
  ];
  const group: Group = {
    members,
    opened: 0,
    waiting: [],
    release() {
      groups.delete(view);
      releases.forEach((release) => release());
    },
  };
  groups.set(view, group);
  return group;
}

const placeWaiting = (group: Group): void => {
  const all = group.waiting.filter((each) => group.members.has(each));
  group.opened = 0;
  group.waiting = [];
  placeAll(all);
};

/**
 * Counts a layer in, and places it: the first ones of a task at once, as whoever opens one may look at it; further ones
 * together at the end of the task, since one by one they would have the page laid out as often. Returns what ends it.
 */
export function join(group: Group, member: Member): () => void {
  group.members.add(member);
  if (!group.opened++) queueMicrotask(() => placeWaiting(group));
  if (group.opened > mostGlued) group.waiting.push(member);
  else placeAll([member]);
  return () => {
    group.members.delete(member);
    if (!group.members.size) group.release();
  };
}
