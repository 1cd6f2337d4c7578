// Waits until a page has come to rest.

const frame = (): Promise<unknown> => new Promise((resolve) => requestAnimationFrame(resolve));

/** Motion that ends; what turns for ever is waited for by nobody. */
const isMoving = (): boolean =>
  document
    .getAnimations()
    .some(
      ({ playState, effect }) => playState === 'running' && effect?.getComputedTiming().endTime !== Infinity,
    );

/** Milliseconds within which focus goes on from a dialog to a control in it, where it rests on the dialog for screen readers. */
const rest = 300;

const isOnDialog = (): boolean =>
  !!document.activeElement?.matches('dialog,[role=dialog],[role=alertdialog]');

/** Waits until motion is over, focus has arrived, and frames have shown it; `most`: milliseconds. */
export async function settle(most: number): Promise<void> {
  const start = performance.now();
  await frame();
  await frame();
  for (;;) {
    const spent = performance.now() - start;
    if (spent > most || !(isMoving() || (isOnDialog() && spent < rest))) break;
    await frame();
  }
  await frame();
}
