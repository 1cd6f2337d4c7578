// Native controls that use Escape themselves.
import { matches } from '../engine/dom.js';

/**
 * The key is left alone where the browser may use it itself (for a list, a picker or a search text). What a
 * control in a modal dialog does not use comes back as `cancel`, and a second Escape in a row is ours.
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
      // WebKit doesn't support it; an open picker there keeps its keys to itself.
      return false;
    }
  const { list, type, value }: Partial<HTMLInputElement> = target;
  return !!list || (type === 'search' && !!value);
};
