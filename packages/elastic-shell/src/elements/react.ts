// The types of elements in React's JSX: options as properties, `onshell-change` and its like as listeners; and a hook for pages that
// a server has rendered: React gives an element that it hydrates neither properties nor listeners, only the attributes of the server.
import {
  type DetailedHTMLProps,
  type HTMLAttributes,
  type RefObject,
  useEffect,
  useLayoutEffect,
  useRef,
} from 'react';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** Attributes of every element, but for those whose names an option has. */
type Plain<Tag extends keyof ElementTable> = Omit<
  DetailedHTMLProps<HTMLAttributes<ElementTable[Tag]['element']>, ElementTable[Tag]['element']>,
  keyof ElementProps<Tag>
>;

/** Every element in React's JSX. */
export type ReactElements = {
  [Tag in keyof ElementTable]: Plain<Tag> & ElementProps<Tag> & ElementListeners<Tag, 'on'>;
};

/** Before the page is painted; on a server, where nothing is, not at all. */
const useBeforePaint = typeof document === 'undefined' ? useEffect : useLayoutEffect;

/**
 * A ref that gives an element its properties and listeners, on a page that a server has rendered as on any other:
 * `<shell-dialog ref={useShellElement<'shell-dialog'>({ open, guard, 'onshell-change': follow })}>`. What the server shall say
 * stands as attributes beside it.
 */
export function useShellElement<Tag extends keyof ElementTable>(
  given: ElementProps<Tag> & ElementListeners<Tag, 'on'>,
): RefObject<ElementTable[Tag]['element'] | null> {
  const ref = useRef<ElementTable[Tag]['element'] | null>(null);
  const latest = useRef<Record<string, unknown>>({});
  const before = latest.current;
  const all: Record<string, unknown> = given;
  const events = Object.keys(all).filter((name) => name.startsWith('onshell-'));
  useBeforePaint(() => {
    latest.current = all;
    for (const [name, value] of Object.entries(all))
      if (ref.current && !events.includes(name) && !Object.is(before[name], value))
        Reflect.set(ref.current, name, value);
  });
  useBeforePaint(() => {
    const element: EventTarget | null = ref.current;
    const hear = (event: Event): void => {
      const listener = latest.current[`on${event.type}`];
      if (typeof listener === 'function') listener(event);
    };
    for (const name of events) element?.addEventListener(name.slice(2), hear);
    return () => {
      for (const name of events) element?.removeEventListener(name.slice(2), hear);
    };
  }, [events.join()]);
  return ref;
}

declare module 'react' {
  // The way to add to it that React's types have.
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace JSX {
    interface IntrinsicElements extends ReactElements {}
  }
}
