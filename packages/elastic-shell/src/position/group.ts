// Layers that are placed together: those that open in one task, and those that one scroll moves. All are
// measured before any is moved, at the end of the task, so that the page is laid out once.
import { type Kept, place } from './kept.js';

/** A layer that is placed. */
export interface Member {
  held: Kept;
  isOver(): boolean;
  /** Called when it has its place, and is observed from then on. */
  watch(): void;
}

/** The first layers that open in a task are placed at once, because the caller may read their position. */
const mostAtOnce = 6;

let opened = 0;
const waiting = new Set<Member>();

const placeWaiting = (): void => {
  const members = [...waiting].filter(({ isOver }) => !isOver());
  opened = 0;
  waiting.clear();
  place(members.map(({ held }) => held));
  for (const { watch } of members) watch();
};

/** Places a layer at the end of this task. */
export function placeSoon(member: Member): void {
  if (!waiting.size) queueMicrotask(placeWaiting);
  waiting.add(member);
}

/** Places a layer that is opening: at once, unless several have opened in this task before. */
export function placeFirst(member: Member): void {
  if (!opened++) queueMicrotask(placeWaiting);
  if (opened > mostAtOnce) return placeSoon(member);
  place([member.held]);
  member.watch();
}
