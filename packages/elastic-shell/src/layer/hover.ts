// Hover and focus with intent: opens what belongs to a control while the pointer or the keyboard is on
// it, one at a time in a group.
import type { Openable } from '../core/contract/openable.js';
import type { Engine, Service } from '../engine/engine.js';
import { childrenOf } from './open-layers.js';

/** Milliseconds for the pointer to cross from the control to what it opens. */
const grace = 200;

export interface GroupRules {
  /** The attributes by which a control names what it opens. */
  names: readonly string[];
  /** Milliseconds that the pointer rests before the first one opens. */
  rest: number;
  /** Milliseconds after one has gone in which the next opens at once. */
  warm: number;
  /** What a press on the control does: `hide`, or `pin`, so that it stays when the pointer goes. */
  press: 'hide' | 'pin';
}

/** Which of the two open it, and after how many milliseconds of rest. */
export interface HoverWish {
  hover: boolean;
  focus: boolean;
  delay?: number | undefined;
}

interface Hovered extends HoverWish {
  engine: Engine<Openable>;
}

/** `service`, opened by hover or keyboard focus of the controls that name its root. */
export type OnHover = (engine: Engine<Openable>, wish: HoverWish, service: Service) => Service;

/** A delay given as a number, or as an element's attribute. */
export const delayOf = (given: unknown): number | undefined =>
  given === undefined ? undefined : Number(given);

const isByKeyboard = (control: Element): boolean => {
  try {
    return control.matches(':focus-visible');
  } catch {
    // jsdom knows no :focus-visible.
    return true;
  }
};

export function hoverGroup({ names, rest, warm, press }: GroupRules): OnHover {
  const selector = names.map((name) => `[${name}]`).join();
  const members = new Map<Node, Hovered>();
  /** What hover or focus has opened, unless it is pinned. */
  let current: Hovered | undefined;
  let warmUntil = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isPressing = false;
  /** Focus that a closing layer gives back shows no intent. */
  let isGivingBack = false;

  const later = (milliseconds: number, act: () => void): void => {
    clearTimeout(timer);
    if (milliseconds) timer = setTimeout(act, milliseconds);
    else act();
  };

  /** The control under an event, and what it opens. */
  const find = (event: Event): { control: Element; shown: Hovered } | undefined => {
    const control = (event.target as Element).closest?.(selector);
    const ids = names.map((name) => control?.getAttribute(name)).join(' ');
    for (const id of ids.split(/\s+/)) {
      const shown = members.get((control?.getRootNode() as Document)?.getElementById?.(id) as Node);
      if (shown) return { control: control!, shown };
    }
  };

  const hide = (reason: 'hover' | 'focus-left' | 'press' | 'sibling', event?: Event): void => {
    if (current && !childrenOf(current.engine.root).length)
      current.engine.change({ open: false }, { reason, event });
  };

  const show = (shown: Hovered, source: Element, reason: 'hover' | 'key', event: Event): void => {
    if (current !== shown) hide('sibling', event);
    if (!shown.engine.state().open) shown.engine.intend('open', { reason, source, event });
  };

  const heard: Record<string, (event: never) => void> = {
    pointerover(event: PointerEvent) {
      if (event.pointerType === 'touch') return;
      const found = find(event);
      if (found?.shown.hover) {
        const isWarm = warm && (current || event.timeStamp < warmUntil);
        later(isWarm ? 0 : (found.shown.delay ?? rest), () =>
          show(found.shown, found.control, 'hover', event),
        );
      } else if (current?.engine.root.contains(event.target as Node)) clearTimeout(timer);
      else later(current ? grace : 0, () => hide('hover', event));
    },
    focusin(event: FocusEvent) {
      const found = find(event);
      const control = event.target as Element;
      if (
        !isPressing &&
        !isGivingBack &&
        found?.shown.focus &&
        found.control === control &&
        isByKeyboard(control)
      )
        later(0, () => show(found.shown, control, 'key', event));
    },
    focusout(event: FocusEvent) {
      if (press === 'hide' && find(event)) later(0, () => hide('focus-left', event));
    },
    pointerdown(event: PointerEvent) {
      isPressing = true;
      if (!find(event)) return;
      clearTimeout(timer);
      if (press === 'hide') hide('press', event);
    },
    pointerup() {
      isPressing = false;
    },
    click(event: MouseEvent) {
      const found = press === 'pin' && find(event);
      if (!found || found.shown !== current) return;
      event.preventDefault();
      current = undefined;
    },
  };
  const turn = (document: Document, act: 'addEventListener' | 'removeEventListener'): void => {
    for (const type in heard) document[act](type, heard[type] as EventListener, true);
  };

  return (engine, wish, service) => {
    const own = { engine, ...wish };
    const document = engine.root.ownerDocument;
    turn(document, 'addEventListener');
    members.set(engine.root, own);
    return {
      ...service,
      show(change) {
        service.show?.(change);
        const isOurs = change.reason === 'hover' || (press === 'hide' && change.value);
        if (change.value) current = isOurs ? own : current;
        else if (current === own) {
          current = undefined;
          warmUntil = performance.now() + warm;
        }
      },
      settle(change) {
        isGivingBack = press === 'pin';
        service.settle?.(change);
        isGivingBack = false;
      },
      release() {
        clearTimeout(timer);
        if (current === own) current = undefined;
        members.delete(engine.root);
        if (![...members.keys()].some((root) => root.ownerDocument === document))
          turn(document, 'removeEventListener');
        service.release?.();
      },
    };
  };
}
