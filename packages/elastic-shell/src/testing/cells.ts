// The initial states of everything that is wired, to be restored between checks.
import { isCell } from '../engine/dom.js';
import { wiredOf } from '../engine/registry.js';

/** Restores all states. */
export interface Kept {
  restore(): void;
}

/** Stores the states of everything that is wired in a document. */
export function keepStates(document: Document): Kept {
  const kept = [...document.querySelectorAll('*')].flatMap((element) => {
    const wired = wiredOf(element);
    return Object.entries(wired ?? {}).flatMap(([name, cell]: [string, unknown]) =>
      name !== 'busy' && isCell(cell) && 'get' in cell ? [{ element, name, value: cell.get() }] : [],
    );
  });
  return {
    restore() {
      for (const { element, name, value } of kept) {
        const wired = wiredOf(element);
        const cell: unknown = wired && Reflect.get(wired, name);
        if (isCell(cell) && cell.get() !== value) cell.set(value);
      }
    },
  };
}
