// Wires a switch: `wireSwitch`.
import { switching, type SwitchIntent, type SwitchState } from '../../core/contract/switch.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { described } from '../../engine/dom.js';
import { wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, CommonOptions, StateOption, Wired } from '../../engine/types.js';
import { storeOf } from '../../engine/store.js';
import { takePart } from '../../form/form.js';

/** The options of a switch. */
export interface SwitchOptions extends CommonOptions<SwitchState> {
  /**
   * Sets whether it is on: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { checked: true }
   */
  checked?: StateOption<boolean>;
  /**
   * Called after it has been turned on or off, with the new state.
   *
   * @defaultValue none
   * @example { onChecked: (isOn) => save(isOn) }
   */
  onChecked?: (checked: boolean) => void;
}

/** A wired switch: its state `checked`, and its methods. */
export interface Switch extends Wired<SwitchOptions>, Cells<SwitchState> {
  /** Turns it on, if the guard allows it. */
  check(): void;
  /** Turns it off, if the guard allows it. */
  uncheck(): void;
  /** Turns it on if it is off, and off if it is on, if the guard allows it. */
  toggle(): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireSwitch`. */
    switch: SwitchOptions;
  }
}
registerPattern(switching.name, switching.options, wireSwitch);

const isBox = (root: HTMLElement | null | undefined): root is HTMLInputElement =>
  !!root?.matches?.('input[type=checkbox]');
const isButton = (root: HTMLElement | null | undefined): root is HTMLButtonElement =>
  root?.localName === 'button';

/**
 * Wires a switch. `root` is a `<button>` or an `<input type="checkbox">`. Follows the WAI-ARIA switch
 * pattern.
 *
 * @param root - The button or the checkbox.
 * @param own - The options.
 * @returns The wired switch.
 * @throws TypeError if `root` is neither or is already wired, or if an option is unknown or has an invalid
 * value.
 */
export function wireSwitch(root: HTMLElement, own?: SwitchOptions): Switch {
  const options = optionsOf(switching, own, root);
  const box = isBox(root) ? root : undefined;
  const button = isButton(root) ? root : undefined;
  if (!box && !button)
    throw new TypeError(
      `elastic-shell: switch needs a <button> or an <input type="checkbox">, got ${described(root)}`,
    );
  // The contract only reads the markup. A checkbox that was toggled since is adopted, and the change is
  // reported.
  const adopted = () => (box && box.checked !== box.defaultChecked ? { checked: box.checked } : {});
  const contract = { ...switching, adopted };
  /** The state that a reset of its form restores, if the platform doesn't. */
  const first =
    options.checked === undefined
      ? box
        ? undefined
        : root.ariaChecked === 'true'
      : !!storeOf(options.checked, false).get();
  const wired = wire<SwitchState, SwitchOptions, SwitchIntent>(root, contract, options, (engine) => {
    const show = (): void => {
      if (box) box.checked = engine.state().checked;
    };
    const leave = takePart(root, {
      // A checkbox submits its value itself.
      value: () => (button && engine.state().checked ? button.value || 'on' : undefined),
      // The form has reset the checkbox to its attribute.
      reset: () => engine.reset({ checked: first ?? !!box?.checked }),
    });
    return {
      // While the guard is pending, and if it refuses, the switch shows the previous state.
      parts() {
        show();
        return [];
      },
      show,
      release: leave,
    };
  });
  const { checked } = wired;
  return keepWired({
    ...wired,
    check: () => checked.set(true),
    uncheck: () => checked.set(false),
    toggle: () => checked.set(!checked.get()),
  });
}
