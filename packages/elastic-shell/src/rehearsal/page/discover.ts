// Buttons of which no markup says what they open: what shows after a press on one is what it opens.
import { allOf, holds, isShown, nameOf } from '../../heard/dom.js';
import { layers } from './layers.js';
import { type Widget, widgets } from './widgets.js';

const says =
  '[commandfor],[popovertarget],[aria-controls],[aria-expanded],[role=tab],[role=switch],[role=combobox],[type=reset]';

/** Buttons that may open something, and say nothing of it. One that sends a form is left alone. */
export const unsaidButtons = (): HTMLElement[] =>
  allOf('button,[role=button]').filter(
    (button) =>
      !button.matches(says) &&
      !button.closest('dialog,[role=dialog],[popover],[role=menu],[aria-roledescription=carousel]') &&
      !(button instanceof HTMLButtonElement && button.form && button.type === 'submit') &&
      !button.matches(':disabled'),
  );

/** A layer that shows and that no control says it opens. */
export const unsaidLayer = (): Widget | undefined =>
  layers().find(({ root, opener }) => !opener && isShown(root));

/** Takes a button for the opener of what it opens; answers the widget's id. */
export function adopt(place: number, pattern: string): number {
  const opener = unsaidButtons()[place];
  const nothing = document.createElement('div');
  const widget: Widget = {
    pattern,
    kind: pattern,
    name: nameOf(opener),
    // It may be made when it is opened.
    get root() {
      return (
        layers().find((layer) => isShown(layer.root) && !holds(layer.root, opener ?? null))?.root ?? nothing
      );
    },
    opener,
  };
  return widgets.push(widget) - 1;
}
