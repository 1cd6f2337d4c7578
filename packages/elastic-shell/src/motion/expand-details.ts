// Expands a <details> by script if style sheets cannot: from the height of its summary to its own height.
// The platform opens and closes it; its attribute changes before anything is drawn. While it closes,
// structure.css shows its content (`data-closing`), which the platform would hide at once.
import { windowOf } from '../engine/dom.js';
import { type Box, moveBox } from './expand-fallback.js';

const boxOf = (details: HTMLElement): Box => ({
  element: details,
  frames() {
    const style = windowOf(details).getComputedStyle(details);
    const { bottom } = details.getBoundingClientRect();
    const summary = details.querySelector(':scope > summary')?.getBoundingClientRect();
    const edges = Number.parseFloat(style.paddingBlockEnd) + Number.parseFloat(style.borderBlockEndWidth);
    const content = summary ? Math.max(0, bottom - edges - summary.bottom) : 0;
    return [
      { blockSize: `${Number.parseFloat(style.blockSize) - content}px`, overflow: 'clip' },
      { blockSize: style.blockSize, overflow: 'clip' },
    ];
  },
});

/** Animates `details` whenever it opens or closes, until released. */
export function moveDetails(details: HTMLElement): () => void {
  const box = boxOf(details);
  let isOpen = details.hasAttribute('open');
  const observer = new MutationObserver(() => {
    if (details.hasAttribute('open') === isOpen) return;
    isOpen = !isOpen;
    details.toggleAttribute('data-closing', !isOpen);
    moveBox(box, isOpen, () => details.removeAttribute('data-closing'));
  });
  observer.observe(details, { attributeFilter: ['open'] });
  return () => {
    observer.disconnect();
    details.removeAttribute('data-closing');
  };
}
