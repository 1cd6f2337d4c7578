// Who runs what, and what a control names.
import { elementNamed } from './dom.js';
import type { Cause } from './types.js';

/** A running contract, as controls and the platform speak to it. */
export interface Running {
  readonly commands: Readonly<Record<string, string>>;
  intend(intent: string, cause: Cause): void;
  reread(): void;
  render(): void;
}

/** Every wired root and what runs it. */
export const engines = new WeakMap<Node, Running>();

/** The selector of controls that name an element. */
export const naming = '[commandfor],[aria-controls]';

/** The id a control names: commandfor first, since that is what the platform acts on. */
export const namedBy = (control: Element): string | null =>
  control.getAttribute('commandfor') ?? control.getAttribute('aria-controls');

/** What runs an element, if anything does. */
export const engineOf = (node: Node | null | undefined): Running | undefined =>
  node ? engines.get(node) : undefined;

/** What runs the element with `id` in the tree of `control`; by default the one it names. */
export const engineNamed = (control: Element, id = namedBy(control)): Running | undefined =>
  engineOf(elementNamed(control, id));
