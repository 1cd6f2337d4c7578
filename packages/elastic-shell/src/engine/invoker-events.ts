// Invoker events: clicks, commands and actions of the platform, passed to the pattern that runs the named
// element. One handler listens for everything that is wired in a tree.
import { isHeldPress } from '../events/keys.js';
import { closestTo, targetOf } from './dom.js';
import { engineNamed, engineOf, intentOf, namedBy, naming, type Running } from './registry.js';

/** A `command` event has the last two. For a click they are read from its control. */
type Invoked = UIEvent & { source?: Element | null; command?: string | null };

/** The events to listen for. All but click are captured, because they don't bubble. */
export const invokerEvents = ['click', 'command', 'beforematch', 'toggle', 'change', 'keydown'];

const isKeydown = (event: Event): event is KeyboardEvent => event.type === 'keydown';

/** The element that had focus when the current key was pressed. */
let pressedOn: WeakRef<Element> | undefined;

/**
 * A key that is held down activates a control once, and not the element that focus has moved to meanwhile,
 * such as the first item of a menu or the first button of a dialog that it opened.
 */
function onKeydown(event: KeyboardEvent): void {
  const target = targetOf(event);
  if (!event.repeat) pressedOn = target && new WeakRef(target);
  else if (target && isHeldPress(event)) {
    const isControl = !!engineOf(target) || !!engineNamed(target, namedBy(target));
    if (isControl || pressedOn?.deref() !== target) event.preventDefault();
  }
}

/** The control that was used, its command, and the pattern that runs the named element. */
interface Press {
  source: HTMLElement;
  command: string | null;
  engine: Running | undefined;
}

const pressOf = (event: Invoked): Press | undefined => {
  const source = closestTo(event, `${naming},summary,button`);
  if (!source || event.defaultPrevented) return;
  const command = source.getAttribute('command');
  // A browser that supports invoker commands fires a command event itself.
  if (command && 'command' in source) return;
  const own = source.localName === 'summary' ? source.parentNode : source;
  const id = namedBy(source);
  return { source, command, engine: id ? engineNamed(source, id) : engineOf(own) };
};

/**
 * Events that were already handled. An event on slotted content reaches its own tree and that of the slot.
 */
const acted = new WeakSet<Event>();

/** Returns whether an event is still unhandled, and marks it as handled. */
function isFirst(event: Event): boolean {
  if (acted.has(event)) return false;
  acted.add(event);
  return true;
}

/** Handles the command of a control. An empty command is a click without a command. */
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
  /** Find-in-page has found text in it, and the platform already shows it. */
  beforematch(event, engine) {
    if (!engine || !isFirst(event)) return;
    event.preventDefault();
    engine.intend('open', { reason: 'found', event });
  },
  toggle: (_, engine) => engine?.reread(),
  /** A checkbox has already toggled. Now the guard decides, and the checkbox shows the result. */
  change(event, engine) {
    if (!engine || !isFirst(event)) return;
    engine.intend('toggle', { reason: 'press', event, source: targetOf(event) });
    engine.render();
  },
};

/** Handles an event of one of the types above. */
export const onInvokerEvent = (event: Event): void => {
  if (isKeydown(event)) onKeydown(event);
  // The types above have the members that are read here.
  else handlers[event.type]?.(event as Invoked, engineOf(targetOf(event)));
};
