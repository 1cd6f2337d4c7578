// The keys of each list as its contract has them for the options that it runs with, and how they are pressed.
import type { KeyActs } from '../core/contract/contract.js';
import { descriptionOf } from '../described/description.js';
import type { Seen } from '../engine/registry.js';

/** The orientation of a list: as its option or attribute says; a listbox is vertical else, and tabs are not. */
const isVertical = (root: Element, option: unknown): boolean => {
  const list = root.querySelector('[role=tablist]') ?? root;
  return (
    (option ?? list.getAttribute('aria-orientation') ?? (list === root ? 'vertical' : '')) === 'vertical'
  );
};

/** The table of keys of a list, now; undefined for patterns that have none. */
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

/** The key as it is pressed, in the direction of the text. */
export function pressed(chord: string, isRtl: boolean): string {
  const at = chord.lastIndexOf('+') + 1;
  const key = chord.slice(at);
  const plain = physical[key] ?? key;
  return chord.slice(0, at) + (isRtl ? (mirrored[plain] ?? plain) : plain);
}
