// Content that comes later for the panels of a collection: each is asked for when it first shows.
import { type ContentOptions, withContent } from './content.js';
import type { Engine, Service } from '../engine/engine.js';

export interface LazyPanelOptions extends Pick<ContentOptions, 'keepContent' | 'messages'> {
  /** By key: what makes the content of a panel when it first shows. Default: none. */
  content?: Record<string, NonNullable<ContentOptions['content']>>;
}

export interface LazyPanels extends Required<Pick<Service, 'parts' | 'release'>> {
  /** The panel of `key` shows now, or no more. */
  turn(key: string | undefined, open: boolean): void;
}

export function lazyPanels(
  { options, render }: Pick<Engine<object, LazyPanelOptions>, 'options' | 'render'>,
  panelOf: (key: string) => HTMLElement | undefined,
): LazyPanels {
  const services = new Map<string, Service>();
  const open = new Set<string>();
  return {
    turn(key, isOpen) {
      const content = options.content?.[key!];
      const root = content && panelOf(key!);
      if (!root) return;
      if (isOpen) open.add(key!);
      else open.delete(key!);
      const known = services.get(key!);
      const change = { name: 'open', value: isOpen, previous: !isOpen, reason: 'parent' } as const;
      if (known) (isOpen ? known.show : known.settle)!(change);
      else
        services.set(
          key!,
          withContent({
            root,
            options: { ...options, content },
            state: () => ({ open: open.has(key!) }),
            render,
          } as Engine<{ open: boolean }, ContentOptions>),
        );
    },
    parts: () => [...services.values()].flatMap((service) => [...service.parts!()]),
    release: () => services.forEach((service) => service.release!()),
  };
}
