// The popup of a combobox: its list in a layer of its own, and how that treats focus.
import type { ComboboxState } from '../../core/contract/combobox.js';
import type { Service } from '../../engine/service.js';
import type { FocusPolicy } from '../../focus/focus-policy.js';
import { placeOf } from '../../focus/place.js';
import { layer } from '../../layer/layer.js';
import { asPopover } from '../../layer/top-layer.js';
import type { Anchor } from '../../position/kept.js';
import { anchored, type AnchorOptions } from '../../position/anchored.js';
import type { Held } from './actions.js';

/** Focus goes to the field, and back to what opened the list; it leaves the user's own text as it is. */
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

/** The list in a layer of its own: shown as the popup, beside what looks like the field. */
export function popupLayer(held: Held): Service<ComboboxState> {
  const { engine, parts } = held.context;
  const { options } = engine;
  /** The options of where it stands, as they are when it counts: beside its box, as wide as that unless told otherwise. */
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
