// The tooltip on an element: `wireTooltip`.
import type { Cell } from '../../core/cell.js';
import type { Openable } from '../../core/contract/openable.js';
import { tooltip } from '../../core/contract/tooltip.js';
import { parseArea, type PlacementWish } from '../../core/layers/placement.js';
import { wire } from '../../engine/engine.js';
import { anchored } from '../../position/anchored.js';
import { delayOf, hoverGroup } from '../../layer/hover.js';
import { layer, type LayerOptions } from '../../layer/layer.js';
import { asPopover, isShown } from '../../layer/top-layer.js';
import type { OpenOptions, Wired } from '../../engine/types.js';

export interface TooltipOptions extends OpenOptions, PlacementWish {
  /** Milliseconds that the pointer rests on a control before it shows. Default: 500; none from one to the next. */
  delay?: number;
}

export interface Tooltip extends Wired {
  readonly open: Cell<boolean>;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    tooltip: TooltipOptions;
  }
}

const onHover = hoverGroup({
  names: ['aria-describedby', 'aria-labelledby'],
  rest: 500,
  warm: 400,
  press: 'hide',
});

/**
 * Wires a tooltip. Controls name it by `aria-describedby` or `aria-labelledby`. Needs structure.css
 * for its place. Follows WCAG 1.4.13. Throws a TypeError when `root` is no element or is wired
 * already, or the area is unknown.
 */
export function wireTooltip(root: HTMLElement, options: TooltipOptions = {}): Tooltip {
  if (options.area !== undefined) parseArea(options.area);
  return wire<Openable, TooltipOptions & LayerOptions>(
    root,
    { ...tooltip, read: () => ({ open: isShown(root) }) },
    options,
    (engine) =>
      onHover(
        engine,
        { hover: true, focus: true, delay: delayOf(engine.options.delay) },
        layer(engine, {
          showing: asPopover(root),
          standing: anchored(engine, { area: 'block-start', gap: 6 }),
          outside: 'keep',
        }),
      ),
  );
}
