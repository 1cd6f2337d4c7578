// An anchored position: finds the anchor, keeps the layer next to it, and reports the area.
import type { PlacementWish } from '../core/layers/placement.js';
import { described, isElement } from '../engine/dom.js';
import { keepStyleAttribute } from '../engine/style-attribute.js';
import type { Position } from '../layer/types.js';
import { keepBeside } from './anchor.js';
import { type Anchor, forgetPlace } from './kept.js';

/** The options of everything that is placed next to an anchor. */
export interface AnchorOptions extends PlacementWish {
  /**
   * Sets what it is placed beside: an element, a point `{ x, y }` in the viewport, or a function that returns
   * either.
   *
   * @defaultValue the opener
   * @example { anchor: () => document.querySelector('#map-pin') }
   */
  anchor?: Anchor | (() => Anchor | null | undefined);
}

/** The pattern of the layer. */
export interface AnchorHost {
  readonly root: HTMLElement;
  readonly options: AnchorOptions;
  render(): void;
}

/** The area, and the margin in pixels, if neither the author nor the pattern sets them. */
const defaults = { area: 'block-end', gap: 8, edgeGap: 8 };

const isAnchor = (value: unknown): value is Anchor =>
  isElement(value) || (typeof value === 'object' && value !== null && 'x' in value && 'y' in value);

/**
 * Positions a layer next to its anchor.
 *
 * @param own - The pattern's defaults, where they differ.
 * @returns The position, for the layer service.
 */
export function anchored(
  { root, options, render }: AnchorHost,
  own: Pick<PlacementWish, 'area' | 'gap'> = {},
): Position<Anchor> {
  /** Reads the current options, which may have changed since it was wired. */
  const wishNow = () => ({
    ...(options.fallbacks && { fallbacks: options.fallbacks }),
    ...(options.fit && { fit: options.fit }),
    area: options.area ?? own.area ?? defaults.area,
    gap: Number(options.gap ?? own.gap ?? defaults.gap),
    edgeGap: Number(options.edgeGap ?? defaults.edgeGap),
  });
  const tidy = keepStyleAttribute(root);
  let { area } = wishNow();
  let hasArrow = false;
  return {
    find(opener) {
      hasArrow = !!root.querySelector(':scope > [data-arrow]');
      const { anchor = opener } = options;
      const found = typeof anchor === 'function' ? anchor() : anchor;
      if (!isAnchor(found))
        throw new TypeError(
          `elastic-shell: ${root.getAttribute('role') ?? 'popover'} #${root.id} needs an anchor, an element or { x, y }, got ${described(found)}; name it with commandfor on a button, or set the option anchor`,
        );
      // With the rest of its last position it would be laid out twice.
      forgetPlace(root, options.fit === 'anchor' ? found : undefined);
      return found;
    },
    hold(anchor, lost) {
      const placed = (taken: string): void => {
        area = taken;
        render();
      };
      return keepBeside(root, anchor, wishNow(), placed, lost);
    },
    attributes: (phase) => ({
      ...(phase !== 'closed' && { 'data-area': area, ...(hasArrow && { 'data-arrowed': '' }) }),
      ...(options.fit === 'anchor' && { 'data-fit': 'anchor' }),
    }),
    forget() {
      forgetPlace(root);
      tidy();
    },
  };
}
