// An anchored position: finds the anchor, keeps the layer beside it, and says which area was taken.
import type { PlacementWish } from '../core/layers/placement.js';
import { type Anchor, forgetPlace, keepBeside } from './anchor.js';
import type { Engine } from '../engine/engine.js';
import type { Position } from '../layer/layer.js';
import { keepStyleAttribute } from '../engine/style-attribute.js';

export interface AnchorOptions extends PlacementWish {
  /** What it stands beside: an element, a point in the viewport, or a function that finds one. Default: the opener. */
  anchor?: Anchor | (() => Anchor | null | undefined);
}

/** Pixels, where nobody says anything. */
const defaults = { area: 'block-end', gap: 8, edgeGap: 8 };

/** `own`: the pattern's defaults, where they differ. */
export function anchored(
  { root, options, render }: Pick<Engine<object, AnchorOptions>, 'root' | 'options' | 'render'>,
  own: Pick<PlacementWish, 'area' | 'gap'> = {},
): Position {
  const wish = {
    ...options,
    area: options.area ?? own.area ?? defaults.area,
    gap: Number(options.gap ?? own.gap ?? defaults.gap),
    edgeGap: Number(options.edgeGap ?? defaults.edgeGap),
  };
  const tidy = keepStyleAttribute(root);
  let { area } = wish;
  return {
    find(opener) {
      const { anchor = opener } = options;
      const found = typeof anchor === 'function' ? anchor() : anchor;
      const { Element } = root.ownerDocument.defaultView!;
      if (found && (found instanceof Element || typeof found.x === 'number')) {
        // What is left of its last place would have it laid out twice.
        forgetPlace(root, wish.fit === 'anchor' ? found : undefined);
        return found;
      }
      throw new TypeError(
        `elastic-shell: popover #${root.id} needs an anchor, an element or { x, y }, got ${found}; name it by commandfor on a button, or give the option anchor`,
      );
    },
    hold: (anchor, lost) =>
      keepBeside(
        root,
        anchor,
        wish,
        (taken) => {
          area = taken;
          render();
        },
        lost,
      ),
    attributes: (phase) => ({
      ...(phase !== 'closed' && { 'data-area': area }),
      ...(wish.fit === 'anchor' && { 'data-fit': 'anchor' }),
    }),
    forget() {
      forgetPlace(root);
      tidy();
    },
  };
}
