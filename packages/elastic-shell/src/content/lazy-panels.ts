// Lazy content for the panels of items, loaded when a panel is first shown. Each panel has a host of its
// own, which is open while its item is expanded or selected. So one loader works for layers and for panels.
import type { Part } from '../engine/attribute-writer.js';
import type { Service } from '../engine/service.js';
import type { Openable } from '../core/contract/openable.js';
import { type ContentOptions, withContent } from './content.js';

/** The contents of panels, each loaded when its panel first shows. */
export interface LazyPanels {
  parts(): Part[];
  /** Called when the panel of `key` is shown or hidden. */
  turn(key: string | undefined, open: boolean): void;
  release(): void;
}

/** The pattern of the panels. */
export interface LazyPanelHost {
  readonly options: ContentOptions;
  render(): void;
}

/** Creates the contents of panels. `panelOf` finds the panel of an item. */
export function lazyPanels(
  { options, render }: LazyPanelHost,
  panelOf: (key: string) => HTMLElement | undefined,
): LazyPanels {
  const services = new Map<string, Service<Openable>>();
  const open = new Set<string>();
  const serve = (key: string, root: HTMLElement): Service<Openable> =>
    withContent({ root, options, key, state: () => ({ open: open.has(key) }), render });
  return {
    turn(key, isOpen) {
      const root = key !== undefined && options.content ? panelOf(key) : undefined;
      if (key === undefined || !root) return;
      if (isOpen) open.add(key);
      else open.delete(key);
      const known = services.get(key);
      const change = { name: 'open', value: isOpen, previous: !isOpen, reason: 'parent' } as const;
      if (!known) services.set(key, serve(key, root));
      else if (isOpen) known.show?.(change);
      else known.settle?.(change);
    },
    parts: () => [...services.values()].flatMap((service) => [...(service.parts?.() ?? [])]),
    release: () => services.forEach((service) => service.release?.()),
  };
}
