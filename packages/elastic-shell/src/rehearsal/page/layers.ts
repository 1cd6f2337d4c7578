// Layers, with the controls that open them: dialogs, popovers, menus, tooltips.
import { allOf, holds, isShown, nameOf, namedBy, roleOf } from '../../heard/dom.js';
import type { Widget } from './widgets.js';

const naming = ['commandfor', 'popovertarget', 'aria-controls', 'aria-owns'];

/** Returns the control that refers to an element as its opener. */
const openerOf = (root: Element): HTMLElement | undefined =>
  allOf(naming.map((name) => `[${name}]`).join()).find(
    (control) =>
      !holds(root, control) &&
      isShown(control) &&
      !/^(close|request-close|--close|hide-popover)$/.test(control.getAttribute('command') ?? '') &&
      naming.some((name) => namedBy(control, name).includes(root)),
  );

const describedBy = (root: Element): HTMLElement | undefined =>
  allOf('[aria-describedby],[aria-labelledby]').find(
    (control) =>
      isShown(control) &&
      [...namedBy(control, 'aria-describedby'), ...namedBy(control, 'aria-labelledby')].includes(root),
  );

const items = (root: HTMLElement): HTMLElement[] =>
  allOf('[role=menuitem],[role=menuitemcheckbox],[role=menuitemradio]', root).filter(
    (item) => item.parentElement?.closest('[role=menu]') === root && isShown(item),
  );

const controlsOf = (root: HTMLElement, name: string): HTMLElement[] => allOf(name, root).filter(isShown);

function layerOf(root: HTMLElement): Widget | undefined {
  const role = roleOf(root);
  if (role === 'tooltip') {
    const opener = describedBy(root);
    return { pattern: 'tooltip', kind: 'tooltip', name: nameOf(opener), root, opener };
  }
  const opener = openerOf(root);
  if (role === 'menu')
    // A submenu is checked together with the menu around its item. A menu without an opener is a context
    // menu.
    return opener && !opener.closest('[role=menu]')
      ? { pattern: 'menu', kind: 'menu button', name: nameOf(opener), root, opener, items: () => items(root) }
      : undefined;
  if (/^(listbox|tree|tablist)$/.test(role) || root.querySelector('[role=listbox]')) return undefined;
  const isDialog = /^(dialog|alertdialog)$/.test(role);
  if (!isDialog && !root.hasAttribute('popover')) return undefined;
  const kind = role === 'alertdialog' ? 'alert dialog' : isDialog ? 'dialog' : 'popover';
  return {
    pattern: isDialog && !root.hasAttribute('popover') ? 'dialog' : 'popover',
    kind,
    name: nameOf(opener ?? root),
    root,
    opener,
    items: () => controlsOf(root, 'button,a[href],input,select,textarea'),
  };
}

/** Returns every layer of the page. */
export const layers = (): Widget[] =>
  allOf('dialog,[role=dialog],[role=alertdialog],[role=menu],[role=tooltip],[popover]').flatMap(
    (root) => layerOf(root) ?? [],
  );
