// The dialog that makes everything else inert.
import { layersOf } from '../layer/open-layers.js';

/** Returns the topmost modal dialog, ours or the platform's. */
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
