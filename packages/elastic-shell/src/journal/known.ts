// Facts about a page in the browser that its markup does not show. Findings that they refute are not entered.
import { wiredRun } from '../engine/registry.js';

/** By code, what refutes a finding about an element. */
const refuted: Readonly<Record<string, (element: Element) => boolean>> = {
  // A button inside may close it with whatever state opened it.
  'dialog-way-out-missing': (element) => !!element.querySelector('button,a[href],input'),
  // Code opens it, and its anchor is what the attribute refers to.
  'popover-opener-missing': (element) => {
    const { options } = wiredRun(element) ?? {};
    return !!options && 'anchor' in options && options.anchor !== undefined;
  },
};

/** Returns whether the page in the browser refutes a finding that follows from its markup. */
export const isRefuted = (code: string, element: Element): boolean =>
  Object.hasOwn(refuted, code) && !!refuted[code]?.(element);
