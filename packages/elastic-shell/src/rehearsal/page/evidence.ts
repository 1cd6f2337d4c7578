// Signs that a page is still loading.
import type { Evidence } from '../facts.js';
import { find } from './find.js';

let changes = 0;
let isWatching = false;

/** Counts the changes of the document from now on, without our own marks. */
function watch(): void {
  if (isWatching) return;
  isWatching = true;
  const observer = new MutationObserver((records) => {
    changes += records.filter(({ attributeName }) => attributeName !== 'data-rehearsed').length;
  });
  observer.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
}

/** Returns the current signs. */
export function evidence(): Evidence {
  watch();
  return {
    began: performance.timeOrigin,
    isLoaded: document.readyState === 'complete',
    changes,
    files: performance.getEntriesByType('resource').length,
    widgets: JSON.stringify(find().map(({ pattern, kind, name }) => [pattern, kind, name])),
  };
}
