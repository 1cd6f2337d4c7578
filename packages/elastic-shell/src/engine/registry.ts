// Who runs what, and what a control names.
import type { Engine } from './engine.js';

/** Every wired root and what runs it. */
export const engines = new WeakMap<Node, Engine>();

/** The selector of whatever names something. */
export const naming = '[commandfor],[aria-controls]';

/** The id a control names: commandfor first, since that is what the platform acts on. */
export const namedBy = (control: Element): string | null =>
  control.getAttribute('commandfor') ?? control.getAttribute('aria-controls');

/** The engine of the element with `id` in the tree of `control`; by default of the one it names. */
export const engineNamed = (control: Node, id = namedBy(control as Element)): Engine | undefined =>
  engines.get((control.getRootNode() as Document).getElementById?.(id!) as Node);
