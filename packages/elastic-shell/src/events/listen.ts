// Typed event listeners that are removed together.

/** The events of elements, documents and windows, by type. */
export type EventMap = HTMLElementEventMap & DocumentEventMap & WindowEventMap;

/** A listener for each of several event types. */
export type Handlers = { [T in keyof EventMap]?: (event: EventMap[T]) => void };

/** The listeners as the platform calls them. */
export const entriesOf = (handlers: Handlers): [type: string, hear: (event: Event) => void][] =>
  // The platform calls each with the event of its own type.
  Object.entries(handlers) as [string, (event: Event) => void][];

/**
 * Aborts a controller. Without a reason, the platform creates an error whose stack keeps objects alive, and
 * with them the removed part of the page.
 */
export const endListening = (controller: AbortController): void => controller.abort('ended');

/**
 * Adds listeners.
 *
 * @param target - The element, document or window.
 * @param handlers - Listeners by event type, for the bubbling phase.
 * @param captured - Listeners by event type, for the capturing phase.
 * @param passesOver - Returns true for events to ignore.
 * @returns A function that removes them.
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
