// What a live page knows that its markup does not say: findings that it refutes are not entered.
import { wiredRun } from '../engine/registry.js';

/** By code, what refutes a finding at an element. */
const refuted: Readonly<Record<string, (element: Element) => boolean>> = {
  // A button in it may close it by whatever state opened it.
  'dialog-way-out-missing': (element) => !!element.querySelector('button,a[href],input'),
  // A program opens it, and it stands beside what that names.
  'popover-opener-missing': (element) => {
    const { options } = wiredRun(element) ?? {};
    return !!options && 'anchor' in options && options.anchor !== undefined;
  },
};

/** Whether the live page refutes a finding that the markup alone would make. */
export const isRefuted = (code: string, element: Element): boolean =>
  Object.hasOwn(refuted, code) && !!refuted[code]?.(element);
