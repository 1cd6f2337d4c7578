// Attributes as HTML.
import type { Attributes } from '../core/contract/contract.js';
import { flagAttributes } from '../core/outline/outline.js';

const escapes: Readonly<Record<string, string>> = { '&': '&amp;', '"': '&quot;', '<': '&lt;', '>': '&gt;' };

/**
 * Attributes as they stand in a tag, values escaped: `role="tab" data-key="hull"`. What is null is left out. HTML's syntax of
 * double-quoted attributes.
 */
export function html(...attributes: readonly Attributes[]): string {
  const all: Attributes = Object.assign({}, ...attributes);
  return Object.entries(all)
    .filter((each): each is [string, string] => each[1] !== null)
    .map(([name, value]) =>
      flagAttributes.has(name)
        ? name
        : `${name}="${value.replace(/[&"<>]/g, (letter) => escapes[letter] ?? letter)}"`,
    )
    .join(' ');
}
