// Native controls that use Escape themselves.
import { matches } from '../engine/dom.js';

/**
 * Where the browser itself may use the key (a list, a picker, a search text) it is left alone: what a
 * modal dialog's widget does not use comes back as `cancel`, and pressed twice in a row it is ours.
 */
export const usesEscape = (target: Element | undefined): boolean => {
  if (!target || !matches(target, 'select,input')) return false;
  if (
    target.matches(
      'select,[type=date],[type=time],[type=month],[type=week],[type=datetime-local],[type=color]',
    )
  )
    try {
      return target.matches(':open');
    } catch {
      // WebKit does not know it; there an open picker keeps its keys to itself.
      return false;
    }
  const { list, type, value }: Partial<HTMLInputElement> = target;
  return !!list || (type === 'search' && !!value);
};
