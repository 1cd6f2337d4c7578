// Document events: listeners for the whole document or its window. There is one listener for each event type,
// however many callers there are, and it is removed with the last of them.
import { deliver } from '../core/cell.js';
import { entriesOf, type Handlers } from './listen.js';

type Hear = (event: Event) => void;

/** The callers for one type, and the listener that calls them. */
interface Line {
  hearers: Set<Hear>;
  native: Hear;
}

const lines = new WeakMap<EventTarget, Map<string, Line>>();

const linesOf = (document: EventTarget): Map<string, Line> => {
  const known = lines.get(document) ?? new Map<string, Line>();
  lines.set(document, known);
  return known;
};

const startLine = (document: EventTarget, type: string, isEarly: boolean): Line => {
  const hearers = new Set<Hear>();
  const native: Hear = (event) => deliver(hearers, event);
  document.addEventListener(type, native, isEarly);
  return { hearers, native };
};

const join = (document: EventTarget, type: string, hear: Hear, isEarly: boolean): (() => void) => {
  const known = linesOf(document);
  const name = `${type}${isEarly}`;
  const line = known.get(name) ?? startLine(document, type, isEarly);
  known.set(name, line);
  line.hearers.add(hear);
  return () => {
    if (!line.hearers.delete(hear) || line.hearers.size) return;
    // A test's window and document may be gone by now (Vitest, after the last test of a file).
    document.removeEventListener?.(type, line.native, isEarly);
    known.delete(name);
  };
};

/**
 * Calls each of `handlers` for events of its type anywhere in `document` (or on a window) until released.
 * Events are captured, except for handlers that are `late`. If one throws, the others are still called.
 */
export function listenIn(
  document: EventTarget,
  handlers: Handlers,
  late: readonly string[] = [],
): () => void {
  const releases = entriesOf(handlers).map(([type, hear]) =>
    join(document, type, hear, !late.includes(type)),
  );
  return () => releases.forEach((release) => release());
}
