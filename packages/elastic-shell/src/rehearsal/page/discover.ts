// Buttons whose markup doesn't show what they open: what is visible after a click is what they open.
import { allOf, holds, isShown, nameOf } from '../../heard/dom.js';
import { layers } from './layers.js';
import { type Widget, widgets } from './widgets.js';

const says =
  '[commandfor],[popovertarget],[aria-controls],[aria-expanded],[role=tab],[role=switch],[role=combobox],[type=reset]';

/** Returns buttons that may open something without stating it. Submit buttons are left alone. */
export const unsaidButtons = (): HTMLElement[] =>
  allOf('button,[role=button]').filter(
    (button) =>
      !button.matches(says) &&
      !button.closest('dialog,[role=dialog],[popover],[role=menu],[aria-roledescription=carousel]') &&
      !(button instanceof HTMLButtonElement && button.form && button.type === 'submit') &&
      !button.matches(':disabled'),
  );

/** Returns a visible layer that no control refers to. */
export const unsaidLayer = (): Widget | undefined =>
  layers().find(({ root, opener }) => !opener && isShown(root));

/** Treats a button as the opener of what it opens. Returns the id of the widget. */
export function adopt(place: number, pattern: string): number {
  const opener = unsaidButtons()[place];
  const nothing = document.createElement('div');
  const widget: Widget = {
    pattern,
    kind: pattern,
    name: nameOf(opener),
    // It may be created when it opens.
    get root() {
      return (
        layers().find((layer) => isShown(layer.root) && !holds(layer.root, opener ?? null))?.root ?? nothing
      );
    },
    opener,
  };
  return widgets.push(widget) - 1;
}
