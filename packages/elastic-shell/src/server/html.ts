// Attributes as HTML.
import type { Attributes } from '../core/contract/contract.js';
import { flagAttributes } from '../core/outline/outline.js';

const escapes: Readonly<Record<string, string>> = { '&': '&amp;', '"': '&quot;', '<': '&lt;', '>': '&gt;' };

/**
 * Returns attributes as text for a start tag, with escaped values: `role="tab" data-key="hull"`. Attributes
 * that are null are omitted.
 *
 * @param attributes - The attributes. Later objects override earlier ones.
 * @returns The text.
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
