// Invoker events: presses and commands, and what the platform did by itself, handed to whoever runs the element that
// is meant. One handler hears for everything that is wired in a tree.
import { isHeldPress } from '../events/keys.js';
import { closestTo, targetOf } from './dom.js';
import { engineNamed, engineOf, intentOf, namedBy, naming, type Running } from './registry.js';

/** A `command` event has the last two; a click finds them on its control. */
type Invoked = UIEvent & { source?: Element | null; command?: string | null };

/** What is heard. All but click are heard while capturing: they do not bubble. */
export const invokerEvents = ['click', 'command', 'beforematch', 'toggle', 'change', 'keydown'];

const isKeydown = (event: Event): event is KeyboardEvent => event.type === 'keydown';

/** What had focus when the key that is down was pressed. */
let pressedOn: WeakRef<Element> | undefined;

/**
 * A key that is held down presses a control once, and nothing that focus has moved to meanwhile: a menu that it has opened, the first
 * button of a dialog.
 */
function onKeydown(event: KeyboardEvent): void {
  const target = targetOf(event);
  if (!event.repeat) pressedOn = target && new WeakRef(target);
  else if (target && isHeldPress(event)) {
    const isControl = !!engineOf(target) || !!engineNamed(target, namedBy(target));
    if (isControl || pressedOn?.deref() !== target) event.preventDefault();
  }
}

/** The control that was pressed, the command on it, and who runs what it means. */
interface Press {
  source: HTMLElement;
  command: string | null;
  engine: Running | undefined;
}

const pressOf = (event: Invoked): Press | undefined => {
  const source = closestTo(event, `${naming},summary,button`);
  if (!source || event.defaultPrevented) return;
  const command = source.getAttribute('command');
  // Where the browser knows invoker commands, it sends a command event of its own.
  if (command && 'command' in source) return;
  const own = source.localName === 'summary' ? source.parentNode : source;
  const id = namedBy(source);
  return { source, command, engine: id ? engineNamed(source, id) : engineOf(own) };
};

/** Events that have been acted on. What is slotted is heard in its own tree and in that of the slot. */
const acted = new WeakSet<Event>();

/** Whether nobody has acted on an event yet; from now on somebody has. */
function isFirst(event: Event): boolean {
  if (acted.has(event)) return false;
  acted.add(event);
  return true;
}

/** A control asks for something by its command; an empty one is a press without a command. */
const invoke = (event: Invoked, engine: Running | undefined, source: Element, command: string): void => {
  const intent = engine && intentOf(engine.commands, command);
  if (!engine || !intent || !isFirst(event)) return;
  event.preventDefault();
  if (source.ariaDisabled === 'true') return;
  engine.intend(intent, {
    reason: command ? 'command' : event.detail ? 'press' : 'key',
    event,
    source,
    result: source.getAttribute('value') ?? '',
  });
};

const handlers: Record<string, (event: Invoked, engine: Running | undefined) => void> = {
  click(event) {
    const press = pressOf(event);
    if (press) invoke(event, press.engine, press.source, press.command ?? '');
  },
  command(event, engine) {
    if (event.source) invoke(event, engine, event.source, event.command ?? '');
  },
  /** Find-in-page has found something in it: the platform shows it already. */
  beforematch(event, engine) {
    if (!engine || !isFirst(event)) return;
    event.preventDefault();
    engine.intend('open', { reason: 'found', event });
  },
  toggle: (_, engine) => engine?.reread(),
  /** A checkbox has turned over already: whether it may is asked now, and it shows the answer. */
  change(event, engine) {
    if (!engine || !isFirst(event)) return;
    engine.intend('toggle', { reason: 'press', event, source: targetOf(event) });
    engine.render();
  },
};

/** Hears an event of one of the types above. */
export const onInvokerEvent = (event: Event): void => {
  if (isKeydown(event)) onKeydown(event);
  // The types above have what is read of them.
  else handlers[event.type]?.(event as Invoked, engineOf(targetOf(event)));
};
