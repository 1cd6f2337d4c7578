// The popup of a combobox: its list in a layer of its own, and its focus policy.
import type { ComboboxState } from '../../core/contract/combobox.js';
import type { Service } from '../../engine/service.js';
import type { FocusPolicy } from '../../focus/focus-policy.js';
import { placeOf } from '../../focus/place.js';
import { layer } from '../../layer/layer.js';
import { asPopover } from '../../layer/top-layer.js';
import type { Anchor } from '../../position/kept.js';
import { anchored, type AnchorOptions } from '../../position/anchored.js';
import type { Held } from './actions.js';

/**
 * Focus moves to the field, and back to the element that opened the list. The user's text is left unchanged.
 */
const focusPolicy = (held: Held): FocusPolicy => ({
  returns: 'inside',
  place: placeOf,
  giveBack: (place, scope) => place?.giveBack(scope, held.context.parts.trigger),
  enter() {
    const { engine, parts } = held.context;
    const { holder, field, trigger } = parts;
    const active = engine.root.ownerDocument.activeElement;
    if (trigger !== holder || (active !== holder && engine.root.contains(active))) holder.focus();
    else if (!held.isTyped) field?.select();
  },
  tab() {},
});

/** Shows the list as a popup in a layer of its own, beside the visible box of the field. */
export function popupLayer(held: Held): Service<ComboboxState> {
  const { engine, parts } = held.context;
  const { options } = engine;
  /**
   * Returns the current placement options: beside its box and as wide as the box, unless specified otherwise.
   */
  const place: AnchorOptions = Object.create(options, {
    anchor: { value: parts.box },
    fit: { get: () => options.fit ?? 'anchor' },
  });
  const host = { ...engine, root: parts.popup, options: place };
  const opening = layer<Anchor>(
    { ...host, options: {} },
    {
      showing: asPopover(parts.popup),
      position: anchored(host, { area: 'block-end span-inline-end', gap: 4 }),
      focus: focusPolicy(held),
      outside: 'close',
      focusOut: 'close',
    },
  );
  return {
    parts: () => opening.parts?.() ?? [],
    show(change) {
      if (change.name === 'open') opening.show?.({ ...change, source: parts.box });
    },
    settle(change) {
      if (change.name === 'open') opening.settle?.(change);
    },
    start: () => opening.start?.(),
    restored: () => opening.restored?.(),
    isAtRest: () => opening.isAtRest?.() ?? true,
    update: (names) => opening.update?.(names),
    release: () => opening.release?.(),
  };
}
