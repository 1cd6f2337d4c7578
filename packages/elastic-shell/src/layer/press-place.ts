// Clicks on a backdrop or a scrollbar, which report the element that they belong to.
import { innermostOf, zoomOf } from '../engine/dom.js';

const isWithin = ({ clientX, clientY }: MouseEvent, element: Element): boolean => {
  const { left, right, top, bottom } = element.getBoundingClientRect();
  return clientX >= left && clientX <= right && clientY >= top && clientY <= bottom;
};

/**
 * A backdrop reports its element as the target, or the host of a closed shadow root around that. Only the
 * rectangle tells them apart.
 */
export const isOnBackdrop = (event: MouseEvent, id: Element): boolean =>
  (innermostOf(event) === id || !event.composedPath().includes(id)) &&
  id.clientWidth > 0 &&
  !isWithin(event, id);

/** A click on a scrollbar isn't a click on the content that it scrolls. */
export const isOnScrollbar = (event: MouseEvent): boolean => {
  const target = innermostOf(event);
  if (!target) return false;
  const { clientWidth, clientHeight, localName } = target;
  if (localName === 'html')
    return (
      clientWidth > 0 &&
      (event.clientX >= clientWidth * zoomOf(target) || event.clientY >= clientHeight * zoomOf(target))
    );
  const { offsetX, offsetY } = event;
  return (
    clientWidth > 0 &&
    isWithin(event, target) &&
    (offsetX < 0 || offsetX > clientWidth || offsetY > clientHeight)
  );
};
