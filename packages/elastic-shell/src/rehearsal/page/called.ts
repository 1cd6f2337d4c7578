// Finds elements by name, for steps that lead to a state.
import { allOf, isShown } from '../../heard/dom.js';
import { heardName } from '../../heard/name.js';
import { heardRole } from '../../heard/role.js';

const said = (text: string | null): string => (text ?? '').replace(/\s+/g, ' ').trim().toLowerCase();

/** Returns the first element with exactly this name, or else the first whose name contains it. */
const firstNamed = (elements: readonly HTMLElement[], name: string): HTMLElement | undefined =>
  elements.find((each) => said(heardName(each)) === name) ??
  elements.find((each) => said(heardName(each)).includes(name));

/**
 * Returns the control with a name: a button, a link or a tab, or else the innermost element with that text.
 */
export function called(name: string): HTMLElement | undefined {
  const wanted = said(name);
  const shown = allOf('*').filter(isShown);
  const control = ['button', 'link', 'tab']
    .map((role) =>
      firstNamed(
        shown.filter((each) => heardRole(each) === role),
        wanted,
      ),
    )
    .find(Boolean);
  if (control) return control;
  const holds = (each: Element): boolean => said(each.textContent).includes(wanted);
  return shown.find((each) => holds(each) && ![...each.children].some(holds));
}

/** Returns the field with a name. */
export const field = (name: string): HTMLElement | undefined =>
  firstNamed(
    allOf('input,textarea,select,[role=combobox],[role=textbox],[contenteditable]').filter(isShown),
    said(name),
  );
