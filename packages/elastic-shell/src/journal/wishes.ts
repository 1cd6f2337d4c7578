// Wishes that come to nothing: a press on a control whose target is missing, that is disabled, or whose
// command its target does not know. The engine ignores them; here they are told.
import { nearest } from '../core/text.js';
import { engines, namedBy, naming } from '../engine/registry.js';
import { markupOf } from './document.js';
import { tagText } from './rules/index.js';

export type TellWish = (code: string, element: Element, sentence: string, remedy: string) => void;

export function hearWishes(tell: TellWish): void {
  const tag = (element: Element): string => tagText(markupOf(element));

  const command = (event: Event): void => {
    const { command: asked } = event as Event & { command?: string };
    const target = event.target as Element;
    const known = engines.get(target)?.commands;
    if (!known || !asked?.startsWith('--') || known[asked]) return;
    const near = nearest(asked, Object.keys(known));
    tell(
      'command-unheard',
      target,
      `${tag(target)} was sent the command "${asked}", which it does not know.`,
      near ? `Did you mean "${near}"?` : `It knows ${Object.keys(known).filter(Boolean).join(', ')}.`,
    );
  };

  const click = (event: Event): void => {
    const control = (event.target as Element).closest?.(naming);
    if (!control) return;
    const id = namedBy(control)!;
    if (!(control.getRootNode() as Document).getElementById(id))
      tell(
        'invoker-target-missing',
        control,
        `${tag(control)} was pressed and names "${id}", which is not there.`,
        'Add the element, or correct the id.',
      );
    else if (control.ariaDisabled === 'true')
      tell(
        'control-disabled',
        control,
        `${tag(control)} was pressed while aria-disabled.`,
        'Say near it why it cannot be used now.',
      );
  };

  document.addEventListener('command', command, true);
  document.addEventListener('click', click, true);
}
