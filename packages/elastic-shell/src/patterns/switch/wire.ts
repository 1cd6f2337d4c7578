// The switch on a button or a checkbox: `wireSwitch`.
import type { Cell } from '../../core/cell.js';
import { switching, type SwitchState } from '../../core/contract/switch.js';
import { wire } from '../../engine/engine.js';
import { takePart } from '../../form/form.js';
import type { CommonOptions, Wired } from '../../engine/types.js';

export interface SwitchOptions extends CommonOptions {
  /** A first value, or a cell that is followed and written to. Default: as the markup shows. */
  checked?: boolean | Cell<boolean>;
}

export interface Switch extends Wired {
  readonly checked: Cell<boolean>;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    switch: SwitchOptions;
  }
}

/**
 * Wires a switch. `root` is a `<button>` or an `<input type="checkbox">`. Follows the WAI-ARIA switch
 * pattern. Throws a TypeError when `root` is neither or is wired already.
 */
export function wireSwitch(root: HTMLElement, options: SwitchOptions = {}): Switch {
  const box = root?.matches?.('input[type=checkbox]') ? (root as HTMLInputElement) : undefined;
  if (!box && root?.localName !== 'button')
    throw new TypeError(
      `elastic-shell: switch needs a <button> or an <input type="checkbox">, got ${root?.outerHTML ?? root}`,
    );
  const read = (): SwitchState => ({
    checked: box ? box.checked : root.ariaChecked === 'true',
  });
  return wire<SwitchState, SwitchOptions>(root, { ...switching, read }, options, (engine) => {
    const first = engine.state().checked;
    const show = (): void => {
      if (box) box.checked = engine.state().checked;
    };
    const leave = takePart(root, {
      value: () => (!box && engine.state().checked ? (root as HTMLButtonElement).value || 'on' : undefined),
      // A checkbox has been put back by its form.
      reset: () => engine.change({ checked: box ? box.checked : first }, { reason: 'native' }, true),
    });
    return {
      // While it waits, and once it is refused, it stands as before.
      parts() {
        show();
        return [];
      },
      show,
      release: leave,
    };
  });
}
