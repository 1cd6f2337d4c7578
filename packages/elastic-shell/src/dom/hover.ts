// Hover and focus with intent: shows what describes or names a control while the pointer or the keyboard
// is on it, one at a time.
import type { Openable } from '../core/contract/openable.js';
import type { Engine, Service } from './engine.js';

/** Milliseconds. */
const delays = {
  /** The pointer rests this long before the first one shows. */
  rest: 500,
  /** After one has gone, the next shows at once for as long. */
  warm: 400,
  /** Time for the pointer to cross from the control to what it shows. */
  grace: 200,
};

interface Hovered {
  engine: Engine<Openable>;
  delay: number;
}

const hovered = new Map<Node, Hovered>();
let current: Hovered | undefined;
let warmUntil = 0;
let timer: ReturnType<typeof setTimeout> | undefined;

const later = (milliseconds: number, act: () => void): void => {
  clearTimeout(timer);
  if (milliseconds) timer = setTimeout(act, milliseconds);
  else act();
};

/** The control under an event, and what it shows. */
const find = (event: Event): { control: Element; shown: Hovered } | undefined => {
  const control = (event.target as Element).closest?.('[aria-describedby],[aria-labelledby]');
  if (!control) return;
  const names = `${control.getAttribute('aria-describedby')} ${control.getAttribute('aria-labelledby')}`;
  for (const id of names.split(/\s+/)) {
    const shown = hovered.get((control.getRootNode() as Document).getElementById?.(id) as Node);
    if (shown) return { control, shown };
  }
};

const hide = (reason: 'hover' | 'focus-left' | 'press' | 'sibling', event?: Event): void => {
  current?.engine.change({ open: false }, { reason, event });
};

const show = (shown: Hovered, source: Element, reason: 'hover' | 'key', event: Event): void => {
  if (current !== shown) hide('sibling', event);
  else if (shown.engine.state().open) return;
  shown.engine.intend('open', { reason, source, event });
};

const heard: Record<string, (event: never) => void> = {
  pointerover(event: PointerEvent) {
    if (event.pointerType === 'touch') return;
    const found = find(event);
    if (found) {
      const isWarm = current || event.timeStamp < warmUntil;
      later(isWarm ? 0 : found.shown.delay, () => show(found.shown, found.control, 'hover', event));
    } else if (current?.engine.root.contains(event.target as Node)) clearTimeout(timer);
    else later(current ? delays.grace : 0, () => hide('hover', event));
  },
  focusin(event: FocusEvent) {
    const found = find(event);
    const control = event.target as Element;
    if (found?.control === control && isByKeyboard(control))
      later(0, () => show(found.shown, control, 'key', event));
  },
  focusout(event: FocusEvent) {
    if (find(event)) later(0, () => hide('focus-left', event));
  },
  pointerdown(event: PointerEvent) {
    if (find(event)) later(0, () => hide('press', event));
  },
};

const isByKeyboard = (control: Element): boolean => {
  try {
    return control.matches(':focus-visible');
  } catch {
    // jsdom knows no :focus-visible.
    return true;
  }
};

const turn = (document: Document, act: 'addEventListener' | 'removeEventListener'): void => {
  for (const type in heard) document[act](type, heard[type] as EventListener, true);
};

/** `service`, shown by hover and keyboard focus of the controls that its root describes or names. */
export function onHover(engine: Engine<Openable>, delay = delays.rest, service: Service): Service {
  const own = { engine, delay };
  const document = engine.root.ownerDocument;
  turn(document, 'addEventListener');
  hovered.set(engine.root, own);
  return {
    ...service,
    show(change) {
      service.show?.(change);
      if (change.value) current = own;
      else if (current === own) {
        current = undefined;
        warmUntil = performance.now() + delays.warm;
      }
    },
    release() {
      clearTimeout(timer);
      if (current === own) current = undefined;
      hovered.delete(engine.root);
      if (![...hovered.keys()].some((root) => root.ownerDocument === document))
        turn(document, 'removeEventListener');
      service.release?.();
    },
  };
}
