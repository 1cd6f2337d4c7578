// The keys of each list according to its contract and options, and how they are pressed.
import type { KeyActs } from '../core/contract/contract.js';
import { descriptionOf } from '../described/description.js';
import type { Seen } from '../engine/registry.js';

/**
 * Returns the orientation of a list: from its option or attribute, or else vertical for a listbox and
 * horizontal for tabs.
 */
const isVertical = (root: Element, option: unknown): boolean => {
  const list = root.querySelector('[role=tablist]') ?? root;
  return (
    (option ?? list.getAttribute('aria-orientation') ?? (list === root ? 'vertical' : '')) === 'vertical'
  );
};

/** Returns the current table of keys of a list. Undefined for patterns without one. */
export function tableOf(root: Element, { contract, options, state }: Seen): KeyActs | undefined {
  const own = 'orientation' in options ? options.orientation : undefined;
  const orientation = isVertical(root, own) ? 'vertical' : 'horizontal';
  return descriptionOf(contract.name)?.keys({
    options,
    state,
    orientation,
    hasField: !!root.querySelector('input[role=combobox]'),
  });
}

const physical: Readonly<Record<string, string>> = {
  'block-next': 'ArrowDown',
  'block-previous': 'ArrowUp',
  'inline-next': 'ArrowRight',
  'inline-previous': 'ArrowLeft',
};
const mirrored: Readonly<Record<string, string>> = { ArrowRight: 'ArrowLeft', ArrowLeft: 'ArrowRight' };

/** Returns the key to press, in the direction of the text. */
export function pressed(chord: string, isRtl: boolean): string {
  const at = chord.lastIndexOf('+') + 1;
  const key = chord.slice(at);
  const plain = physical[key] ?? key;
  return chord.slice(0, at) + (isRtl ? (mirrored[plain] ?? plain) : plain);
}
