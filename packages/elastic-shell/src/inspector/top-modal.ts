// The dialog that keeps everything else out of reach.
import { layersOf } from '../layer/open-layers.js';

/** The modal dialog that is on top, ours or the platform's. */
export function topModal(document: Document): HTMLElement | undefined {
  const ours = layersOf(document).findLast(({ modal }) => modal)?.id;
  const native = [...document.querySelectorAll('dialog')].filter((dialog) => {
    try {
      return dialog.matches(':modal');
    } catch {
      return false;
    }
  });
  return ours && native.some((dialog) => dialog === ours) ? ours : native.at(-1);
}
