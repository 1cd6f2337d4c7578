// Presses and commands: what an event asks of the element that its control names, whoever is wired there.
import { engineNamed, engines, namedBy, naming } from './registry.js';

/** A `command` event has the last two; a click finds them on its control. */
type Heard = UIEvent & { source?: Element | null; command?: string | null };

/** What is heard for every wired element, by one handler. All but click are heard while capturing: they do not bubble. */
export const types = ['click', 'command', 'beforematch', 'toggle', 'change'];

export function hear(event: Heard): void {
  const { type, detail } = event;
  const target = event.target as Element;
  let { source, command } = event;
  let engine = engines.get(target);
  if (type === 'toggle') return engine?.reread();
  if (type === 'change') {
    // A checkbox has turned over already: whether it may is asked now, and it shows the answer.
    engine?.intend('toggle', { reason: 'press', event, source: target });
    return engine?.render();
  }
  if (type === 'click') {
    source = target.closest(`${naming},summary,button`);
    command = source?.getAttribute('command');
    // Where the browser knows invoker commands, it sends a command event of its own.
    if (!source || event.defaultPrevented || (command && 'command' in source)) return;
    engine = namedBy(source)
      ? engineNamed(source)
      : engines.get(source.localName === 'summary' ? source.parentNode! : source);
  }
  const intent = source === undefined ? 'open' : engine?.commands[command ?? ''];
  if (!intent) return;
  event.preventDefault();
  if (source?.ariaDisabled === 'true') return;
  engine?.intend(intent, {
    reason: command ? 'command' : !source ? 'found' : detail ? 'press' : 'key',
    event,
    source,
    result: source ? (source.getAttribute('value') ?? '') : undefined,
  });
}
