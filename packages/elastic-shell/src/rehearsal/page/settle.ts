// Waits until a page has come to rest.

const frame = (): Promise<unknown> => new Promise((resolve) => requestAnimationFrame(resolve));

/** Motion that ends; what turns for ever is waited for by nobody. */
const isMoving = (): boolean =>
  document
    .getAnimations()
    .some(
      ({ playState, effect }) => playState === 'running' && effect?.getComputedTiming().endTime !== Infinity,
    );

/** Waits until motion is over and frames have shown it; `most`: milliseconds. */
export async function settle(most: number): Promise<void> {
  const end = performance.now() + most;
  await frame();
  await frame();
  while (isMoving() && performance.now() < end) await frame();
  await frame();
}
