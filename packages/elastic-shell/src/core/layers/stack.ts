// The layer tree: which open layers Escape, a click or moved focus dismisses. Pure.

/**
 * The effect of a click outside: `close` closes, `absorb` closes and keeps the click from the page, `keep`
 * leaves it open.
 */
export type Outside = 'close' | 'absorb' | 'keep';
/** The effect of Escape: `close` or `keep`. */
export type Escape = 'close' | 'keep';

/** An open layer. `parent` is the layer that it was opened from, wherever its markup is. */
export interface Layer<Id> {
  id: Id;
  parent?: Id | undefined;
  /** A modal layer makes everything opened before it inert. */
  modal: boolean;
  outside: Outside;
  escape: Escape;
  /**
   * Whether moving focus out closes it.
   *
   * @defaultValue `keep`
   */
  focusOut?: 'close' | 'keep';
}

/** The causes that can dismiss layers. */
export type LayerCause<Id> =
  | { kind: 'escape' }
  /** `inside`: the layers whose markup contains the click or the focus. */
  | { kind: 'outside' | 'focus-left'; inside: readonly Id[] }
  | { kind: 'close'; id: Id };

/** The result of a cause. */
export interface Dismissal<Id> {
  /** The layers to close, children before parents. */
  close: Id[];
  /** Whether the click must have no other effect. */
  absorb: boolean;
}

/** Returns what `cause` dismisses. `layers` are in the order in which they opened. */
export function dismissedBy<Id>(layers: readonly Layer<Id>[], cause: LayerCause<Id>): Dismissal<Id> {
  const holds = new Set('inside' in cause ? cause.inside : []);
  // Layers around an inside layer are inside too. Parents come before their children.
  for (const { id, parent } of [...layers].reverse())
    if (holds.has(id) && parent !== undefined) holds.add(parent);
  const going = new Set<Id>('id' in cause ? [cause.id] : []);
  let absorb = false;

  if (cause.kind !== 'close') {
    for (const layer of [...layers].reverse()) {
      // A click on the backdrop of a modal layer first dismisses only the layers above it.
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
  // Layers opened from a closing layer close with it.
  const close = layers.filter(({ id, parent }) => {
    if (parent !== undefined && going.has(parent)) going.add(id);
    return going.has(id);
  });
  return { close: close.map(({ id }) => id).reverse(), absorb };
}
