// Opens a popover by hover. The code for it is loaded when a popover needs it. Until then, a click opens the
// popover.
import type { Openable } from '../../core/contract/openable.js';
import { arriving } from '../../engine/lazy-service.js';
import type { Service } from '../../engine/service.js';
import type { HoverHost, HoverWish, OnHover } from '../../layer/hover.js';

/** All popovers that open by hover, once one of them needs it. */
let group: Promise<OnHover> | undefined;

const load = async (): Promise<OnHover> => {
  const { hoverGroup } = await import('../../layer/late-hover.js');
  return hoverGroup({ names: ['commandfor', 'aria-controls'], rest: 300, warm: 0, press: 'pin' });
};

/** Adds opening by hover or keyboard focus to `service`. */
export function withHover(host: HoverHost, wish: HoverWish, service: Service<Openable>): Service<Openable> {
  let served = service;
  let isOver = false;
  void arriving((group ??= load())).then((onHover) => {
    // It failed to load. A click still opens this popover, and the next one tries again.
    if (!onHover) group = undefined;
    else if (!isOver) served = onHover(host, wish, service);
  });
  return {
    ...service,
    show: (change) => served.show?.(change),
    settle: (change) => served.settle?.(change),
    release() {
      isOver = true;
      served.release?.();
    },
  };
}
