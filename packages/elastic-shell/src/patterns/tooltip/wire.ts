// Wires a tooltip: `wireTooltip`.
import type { Openable, OpenIntent } from '../../core/contract/openable.js';
import { tooltip } from '../../core/contract/tooltip.js';
import { parseArea } from '../../core/layers/placement.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { topOf } from '../../engine/dom.js';
import { wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, OpenOptions, Wired } from '../../engine/types.js';
import { hoverGroup } from '../../layer/hover.js';
import { layer } from '../../layer/layer.js';
import { asPopover, isShown, shownBefore } from '../../layer/top-layer.js';
import { type OpenMethods, openMethods } from '../../layer/methods.js';
import { anchored, type AnchorOptions } from '../../position/anchored.js';

/** The options of a tooltip. */
export interface TooltipOptions extends OpenOptions<Openable>, AnchorOptions {
  /**
   * Sets how long the pointer must rest on a control before the tooltip appears, in milliseconds. Moving from
   * one tooltip to another has no delay.
   *
   * @defaultValue 500
   * @example { hoverDelay: 200 }
   */
  hoverDelay?: number;
  /**
   * Sets the position as in CSS `position-area`: a side such as `block-end`, then the alignment along the
   * anchor.
   *
   * @defaultValue `block-start`
   * @example { area: 'block-end span-inline-end' }
   */
  area?: AnchorOptions['area'];
  /**
   * Sets the distance from its anchor, in pixels.
   *
   * @defaultValue 6
   * @example { gap: 12 }
   */
  gap?: AnchorOptions['gap'];
  /**
   * Sets what it is placed beside: an element, a point `{ x, y }` in the viewport, or a function that returns
   * either.
   *
   * @defaultValue the control that the tooltip describes
   * @example { anchor: () => document.querySelector('#map-pin') }
   */
  anchor?: AnchorOptions['anchor'] & {};
}

/** A wired tooltip: its state `open`, and the methods `show`, `close` and `toggle`. */
export interface Tooltip extends Wired<TooltipOptions>, Cells<Openable>, OpenMethods {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireTooltip`. */
    tooltip: TooltipOptions;
  }
}
registerPattern(tooltip.name, tooltip.options, wireTooltip);

/** The attributes with which a control names its tooltip. */
const names = ['aria-describedby', 'aria-labelledby'];

const onHover = hoverGroup({ names, rest: 500, warm: 400, press: 'hide' });

/** Returns the first control that a tooltip belongs to. It is the anchor if your code shows the tooltip. */
const controlOf = (root: HTMLElement): Element | undefined =>
  [...topOf(root).querySelectorAll<HTMLElement>(names.map((name) => `[${name}]`).join())].find((control) =>
    names.some((name) => control.getAttribute(name)?.split(/\s+/).includes(root.id)),
  );

/**
 * Wires a tooltip. Controls name it with `aria-describedby` or `aria-labelledby`. Requires structure.css to
 * place it. Follows WCAG 1.4.13.
 *
 * @param root - The tooltip.
 * @param own - The options.
 * @returns The wired tooltip.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireTooltip(root: HTMLElement, own?: TooltipOptions): Tooltip {
  const options = optionsOf(tooltip, own, root);
  if (options.area !== undefined) parseArea(options.area);
  const contract = { ...tooltip, read: () => ({ open: isShown(root) }), adopted: () => shownBefore(root) };
  const wired = wire<Openable, TooltipOptions, OpenIntent>(root, contract, options, (engine) => {
    const position = anchored(engine, { area: 'block-start', gap: 6 });
    const service = layer(
      { ...engine, options: {} },
      {
        showing: asPopover(root),
        position: { ...position, find: (opener) => position.find(opener ?? controlOf(root)) },
        outside: 'keep',
      },
    );
    return onHover(engine, { hover: true, focus: true, delay: options.hoverDelay }, service);
  });
  return keepWired({ ...wired, ...openMethods(wired) });
}
