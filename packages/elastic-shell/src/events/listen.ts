// Listening: handlers by event type, typed by it, released together.

/** Events of elements, documents and windows by type. */
export type EventMap = HTMLElementEventMap & DocumentEventMap & WindowEventMap;

/** A handler for each of some event types. */
export type Handlers = { [T in keyof EventMap]?: (event: EventMap[T]) => void };

/** The same, as the platform calls them. */
export const entriesOf = (handlers: Handlers): [type: string, hear: (event: Event) => void][] =>
  // The platform calls each with the event of its own type.
  Object.entries(handlers) as [string, (event: Event) => void][];

/**
 * Ends what `controller` holds. With no reason given the platform makes an error, whose stack keeps every object alive that a method
 * on it belongs to, and with it the whole part of the page that was removed.
 */
export const endListening = (controller: AbortController): void => controller.abort('ended');

/**
 * Has each handler called for the events of `target` until released; those in `captured` while they go down, and none for
 * events that `passesOver` says yes to.
 */
export function listen(
  target: EventTarget,
  handlers: Handlers,
  captured: readonly (keyof EventMap)[] = [],
  passesOver?: (event: Event) => boolean,
): () => void {
  const stop = new AbortController();
  for (const [type, hear] of entriesOf(handlers))
    target.addEventListener(type, passesOver ? (event) => passesOver(event) || hear(event) : hear, {
      signal: stop.signal,
      capture: captured.some((other) => other === type),
    });
  return () => endListening(stop);
}
