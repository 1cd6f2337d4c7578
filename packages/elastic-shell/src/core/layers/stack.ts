// The layer tree: which open layers an Escape, a press or a moved focus dismisses. Pure.

/** What a press outside does: closes; closes and does nothing else; leaves the layer open. */
export type Outside = 'close' | 'absorb' | 'keep';
/** What Escape does: closes, or leaves the layer open. */
export type Escape = 'close' | 'keep';

/** An open layer. `parent` is the layer it was opened from, wherever its markup stands. */
export interface Layer<Id> {
  id: Id;
  parent?: Id | undefined;
  /** A modal layer shields everything opened before it. */
  modal: boolean;
  outside: Outside;
  escape: Escape;
  /** Whether moving focus out of it closes it. Default: `keep`. */
  focusOut?: 'close' | 'keep';
}

/** What may dismiss layers. */
export type LayerCause<Id> =
  | { kind: 'escape' }
  /** `inside`: the layers whose own markup the press or the focus is in. */
  | { kind: 'outside' | 'focus-left'; inside: readonly Id[] }
  | { kind: 'close'; id: Id };

/** What a cause dismisses. */
export interface Dismissal<Id> {
  /** What closes, children before parents. */
  close: Id[];
  /** The press that caused it must do nothing else. */
  absorb: boolean;
}

/** Answers what `cause` dismisses. `layers` stand in the order in which they opened. */
export function dismissedBy<Id>(layers: readonly Layer<Id>[], cause: LayerCause<Id>): Dismissal<Id> {
  const holds = new Set('inside' in cause ? cause.inside : []);
  // Those around what is inside are inside too: a parent stands before its children.
  for (const { id, parent } of [...layers].reverse())
    if (holds.has(id) && parent !== undefined) holds.add(parent);
  const going = new Set<Id>('id' in cause ? [cause.id] : []);
  let absorb = false;

  if (cause.kind !== 'close') {
    for (const layer of [...layers].reverse()) {
      // A click on the backdrop of a modal layer first dismisses the layers above it, and only those.
      if (cause.kind === 'outside' && layer.modal && going.size) break;
      const asked =
        cause.kind === 'escape'
          ? layer.escape
          : cause.kind === 'outside'
            ? layer.outside
            : (layer.focusOut ?? 'keep');
      if (!holds.has(layer.id) && asked !== 'keep') {
        going.add(layer.id);
        absorb = cause.kind === 'outside' && (layer.modal || asked === 'absorb');
        if (cause.kind === 'escape' || absorb) break;
      }
      if (layer.modal) break;
    }
  }
  // What goes takes along what was opened from it.
  const close = layers.filter(({ id, parent }) => {
    if (parent !== undefined && going.has(parent)) going.add(id);
    return going.has(id);
  });
  return { close: close.map(({ id }) => id).reverse(), absorb };
}
