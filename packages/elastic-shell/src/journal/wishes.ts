// Requests without effect: a click on a control whose target is missing, which is disabled, or whose target
// does not support the command. The engine ignores them; here they are reported.
import { nearest } from '../core/text.js';
import { isWritten } from '../engine/attribute-watch.js';
import { closestTo, elementNamed, targetOf } from '../engine/dom.js';
import { engineOf, namedBy, naming } from '../engine/registry.js';
import type { wished } from './codes.js';
import { markupOf } from './document.js';
import { tagText } from './rules/index.js';

/** Called with the code, the element, the problem and the remedy. */
export type TellWish = (
  code: keyof typeof wished,
  element: Element,
  sentence: string,
  remedy: string,
) => void;

const tag = (element: Element): string => tagText(markupOf(element));

/** A command that the target does not support. */
const tellUnheard = (tell: TellWish, target: Element | undefined, asked: string): void => {
  const known = engineOf(target)?.commands;
  if (!target || !known || !asked.startsWith('--') || Object.hasOwn(known, asked)) return;
  const near = nearest(asked, Object.keys(known));
  tell(
    'command-unheard',
    target,
    `${tag(target)} was sent the command "${asked}", which it doesn’t support.`,
    near ? `Did you mean "${near}"?` : `It supports ${Object.keys(known).filter(Boolean).join(', ')}.`,
  );
};

const onCommand = (tell: TellWish, event: Event): void =>
  tellUnheard(
    tell,
    targetOf(event),
    'command' in event && typeof event.command === 'string' ? event.command : '',
  );

/** A click on a control whose target is missing, or which is disabled. */
const onClick = (tell: TellWish, event: Event): void => {
  const control = closestTo(event, naming);
  const id = control && namedBy(control);
  if (!control || id === null || id === undefined) return;
  const target = elementNamed(control, id);
  // A browser without invoker commands sends no event.
  if (target && !('command' in control)) tellUnheard(tell, target, control.getAttribute('command') ?? '');
  if (!target)
    tell(
      'press-target-missing',
      control,
      `${tag(control)} was clicked, but its target "${id}" isn’t on the page.`,
      'Add the element, or correct the id.',
    );
  // A control that is disabled because a guard is pending, or because its item may not close, is not a fault.
  else if (control.ariaDisabled === 'true' && !isWritten(control, 'aria-disabled'))
    tell(
      'control-disabled',
      control,
      `${tag(control)} was clicked while aria-disabled.`,
      'Explain beside it why it isn’t available.',
    );
};

/** Reports such requests in the document, from now on. */
export function hearWishes(tell: TellWish): void {
  document.addEventListener('command', (event) => onCommand(tell, event), true);
  document.addEventListener('click', (event) => onClick(tell, event), true);
}
