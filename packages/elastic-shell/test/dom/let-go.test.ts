// What ends listening keeps nothing alive.
import { endListening } from '../../src/events/listen';

it('ends listening without an error, whose stack would keep all that was removed', () => {
  const controller = new AbortController();
  endListening(controller);
  expect(controller.signal.aborted).toBe(true);
  expect(controller.signal.reason).not.toBeInstanceOf(Object);
});
