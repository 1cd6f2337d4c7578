// Listeners on a document: however many hear of an event type, the document has one.
import { deliver } from '../core/cell.js';

type Hear = (event: Event) => void;

/** Who hears of one type in one document, and the listener that tells them. */
interface Line {
  hearers: Set<Hear>;
  native: Hear;
}

const lines = new WeakMap<Document, Record<string, Line>>();

/**
 * Has each of `heard` called for events of its type anywhere in `document` until released; all but those that are `late`
 * while they are captured. One that throws silences no other.
 */
export function listenIn(
  document: Document,
  heard: Record<string, (event: never) => void>,
  late: readonly string[] = [],
): () => void {
  const known = lines.get(document) ?? {};
  lines.set(document, known);
  const releases = Object.entries(heard as Record<string, Hear>).map(([type, hear]) => {
    const isEarly = !late.includes(type);
    const name = `${type} ${isEarly}`;
    if (!known[name]) {
      const hearers = new Set<Hear>();
      known[name] = { hearers, native: (event) => deliver(hearers, event) };
      document.addEventListener(type, known[name].native, isEarly);
    }
    const line = known[name];
    line.hearers.add(hear);
    return () => {
      if (!line.hearers.delete(hear) || line.hearers.size) return;
      document.removeEventListener(type, line.native, isEarly);
      delete known[name];
    };
  });
  return () => releases.forEach((release) => release());
}
