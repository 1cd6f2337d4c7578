// Waits until a page has come to rest.

const frame = (): Promise<unknown> => new Promise((resolve) => requestAnimationFrame(resolve));

/** Animations that end. Endless ones are ignored. */
const isMoving = (): boolean =>
  document
    .getAnimations()
    .some(
      ({ playState, effect }) => playState === 'running' && effect?.getComputedTiming().endTime !== Infinity,
    );

/**
 * How soon focus moves on from a dialog to a control in it, in milliseconds. It rests on the dialog for
 * screen readers.
 */
const rest = 300;

const isOnDialog = (): boolean =>
  !!document.activeElement?.matches('dialog,[role=dialog],[role=alertdialog]');

/**
 * Waits until animations have ended, focus has arrived, and frames have shown it. `most` is in milliseconds.
 */
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
