// Short callbacks: options that are called for changes of one state, with the value that users usually need.
import type { Change } from '../core/change.js';

/** Calls the option for this change: `onOpened` and `onClosed`, `onSelected`, `onExpanded`, `onChecked`. */
export function tellShort(options: object, { name, value, previous, result }: Change): void {
  const call = (option: string, told?: unknown): void => {
    const hear: unknown = Reflect.get(options, option);
    if (typeof hear === 'function') hear(told);
  };
  if (name === 'open') return value ? call('onOpened') : call('onClosed', result ?? null);
  if (name !== 'closed') return call(`on${name[0]?.toUpperCase()}${name.slice(1)}`, value);
  for (const key of value instanceof Set ? value : [])
    if (!(previous instanceof Set && previous.has(key))) call('onClosed', key);
}
