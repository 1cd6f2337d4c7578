// The types of the elements in React's JSX, with options as properties and `onshell-change` and others as
// listeners, and a hook for pages that were rendered on a server. React gives a hydrated element neither
// properties nor listeners, only the attributes from the server.
import {
  type DetailedHTMLProps,
  type HTMLAttributes,
  type RefObject,
  useEffect,
  useLayoutEffect,
  useRef,
} from 'react';
import type { ElementListeners, ElementProps, ElementTable } from './table.js';

/** The attributes of every element, except those that have the name of an option. */
type Plain<Tag extends keyof ElementTable> = Omit<
  DetailedHTMLProps<HTMLAttributes<ElementTable[Tag]['element']>, ElementTable[Tag]['element']>,
  keyof ElementProps<Tag>
>;

/** Every element in React's JSX. */
export type ReactElements = {
  [Tag in keyof ElementTable]: Plain<Tag> & ElementProps<Tag> & ElementListeners<Tag, 'on'>;
};

/** Runs before the page is painted, and never on a server. */
const useBeforePaint = typeof document === 'undefined' ? useEffect : useLayoutEffect;

/**
 * Returns a ref that sets the properties and listeners of an element, also on a page that was rendered on a
 * server. What the server should render must be written as attributes.
 *
 * @param given - The properties and listeners of the element.
 * @returns The ref.
 * @example <shell-dialog ref={useShellElement<'shell-dialog'>({ open, guard, 'onshell-change': follow })}>
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
  // React's types are extended through this module.
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace JSX {
    interface IntrinsicElements extends ReactElements {}
  }
}
