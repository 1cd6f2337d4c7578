// A popover that opens by hover: what does that is loaded where a popover asks for it. Until it is there, a press opens.
import type { Openable } from '../../core/contract/openable.js';
import { arriving } from '../../engine/lazy-service.js';
import type { Service } from '../../engine/service.js';
import type { HoverHost, HoverWish, OnHover } from '../../layer/hover.js';

/** The group of all popovers that open by hover, once one of them has asked for it. */
let group: Promise<OnHover> | undefined;

const load = async (): Promise<OnHover> => {
  const { hoverGroup } = await import('../../layer/late-hover.js');
  return hoverGroup({ names: ['commandfor', 'aria-controls'], rest: 300, warm: 0, press: 'pin' });
};

/** `service`, opened by hover as well, or by keyboard focus. */
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
