// Hover and focus with intent: opens what belongs to a control while the pointer or the keyboard is on it, one at a
// time in a group.
//
// The pointer has to rest on the control; it may cross from there to what has opened; and after one has gone the next
// opens at once for a while. Focus opens only where it came by keyboard: a press, or focus that a closing layer gives
// back, shows no intent.
import type { Reason } from '../core/change.js';
import type { Openable } from '../core/contract/openable.js';
import { closestTo, elementNamed, isElement } from '../engine/dom.js';
import type { Service } from '../engine/service.js';
import type { Cause } from '../engine/types.js';
import { type Handlers, listen } from '../events/listen.js';
import { activeIn } from '../focus/focusable.js';
import { childrenOf } from './open-layers.js';

/** Milliseconds for the pointer to cross from the control to what it opens. */
const grace = 200;

/** How the layers of a group open. */
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
  /** A number, or a text of one, as an attribute gives it. Default: the rest of the group. */
  delay?: unknown;
}

/** Whose layer it is. */
export interface HoverHost {
  readonly root: HTMLElement;
  state(): Openable;
  intend(intent: 'open', cause: Cause): void;
  change(next: Openable, cause: Cause): void;
}

/** `service`, opened by hover or keyboard focus of the controls that name its root. */
export type OnHover = (host: HoverHost, wish: HoverWish, service: Service<Openable>) => Service<Openable>;

interface Member extends HoverWish {
  host: HoverHost;
}

/** A member, and the control that names it. */
interface Found {
  member: Member;
  control: Element;
}

/** What all members of a group share. */
interface Group {
  rules: GroupRules;
  members: Map<Element, Member>;
  /** What hover or focus has opened, unless it is pinned. */
  current: Member | undefined;
  /** The control whose keyboard focus has opened it: while it has focus, a pointer that goes elsewhere closes nothing. */
  focused: Element | undefined;
  warmUntil: number;
  timer: ReturnType<typeof setTimeout> | undefined;
  isPressing: boolean;
  isGivingBack: boolean;
}

const isByKeyboard = (control: Element): boolean => {
  try {
    return control.matches(':focus-visible');
  } catch {
    // jsdom knows no :focus-visible.
    return true;
  }
};

const later = (group: Group, milliseconds: number, act: () => void): void => {
  clearTimeout(group.timer);
  if (milliseconds) group.timer = setTimeout(act, milliseconds);
  else act();
};

/** The control under an event, and what it opens. */
const find = ({ rules: { names }, members }: Group, event: Event): Found | undefined => {
  const control = closestTo(event, names.map((name) => `[${name}]`).join());
  if (!control) return undefined;
  for (const id of names.flatMap((name) => control.getAttribute(name)?.split(/\s+/) ?? [])) {
    const root = elementNamed(control, id);
    const member = root && members.get(root);
    if (member) return { member, control };
  }
  return undefined;
};

/** Hides what shows, unless something opened from it holds it open. */
const hide = ({ current }: Group, reason: Reason, event: Event): void => {
  if (current && !childrenOf(current.host.root).length)
    current.host.change({ open: false }, { reason, event });
};

const show = (group: Group, { member, control }: Found, reason: Reason, event: Event): void => {
  if (group.current !== member) hide(group, 'sibling', event);
  group.focused = reason === 'key' ? control : undefined;
  if (!member.host.state().open) member.host.intend('open', { reason, source: control, event });
};

const onPointerOver = (group: Group, event: PointerEvent): void => {
  const { rules, current } = group;
  if (event.pointerType === 'touch') return;
  const found = find(group, event);
  if (found?.member.hover) {
    const isWarm = rules.warm && (current || event.timeStamp < group.warmUntil);
    later(group, isWarm ? 0 : Number(found.member.delay ?? rules.rest), () =>
      show(group, found, 'hover', event),
    );
  } else if (isElement(event.target) && current?.host.root.contains(event.target)) clearTimeout(group.timer);
  else if (!group.focused || activeIn(group.focused) !== group.focused)
    later(group, current ? grace : 0, () => hide(group, 'hover', event));
};

const onFocusIn = (group: Group, event: FocusEvent): void => {
  const found = find(group, event);
  const isMeant = !group.isPressing && !group.isGivingBack && found?.member.focus;
  if (isMeant && found.control === event.target && isByKeyboard(found.control))
    later(group, 0, () => show(group, found, 'key', event));
};

/** What a group hears of a document. */
const handlersOf = (group: Group): Handlers => {
  const { press } = group.rules;
  return {
    pointerover: (event) => onPointerOver(group, event),
    focusin: (event) => onFocusIn(group, event),
    focusout(event) {
      if (press === 'hide' && find(group, event)) later(group, 0, () => hide(group, 'focus-left', event));
    },
    pointerdown(event) {
      group.isPressing = true;
      if (!find(group, event)) return;
      clearTimeout(group.timer);
      if (press === 'hide') hide(group, 'press', event);
    },
    pointerup() {
      group.isPressing = false;
    },
    click(event) {
      const found = press === 'pin' ? find(group, event) : undefined;
      if (!found || found.member !== group.current) return;
      event.preventDefault();
      group.current = undefined;
    },
  };
};

/** A group of layers that open by hover. */
export function hoverGroup(rules: GroupRules): OnHover {
  const group: Group = {
    rules,
    members: new Map(),
    current: undefined,
    focused: undefined,
    warmUntil: 0,
    timer: undefined,
    isPressing: false,
    isGivingBack: false,
  };
  const heard = new Map<Document, () => void>();
  const join = (member: Member): (() => void) => {
    const { root } = member.host;
    const document = root.ownerDocument;
    group.members.set(root, member);
    if (!heard.has(document)) {
      const handlers = handlersOf(group);
      heard.set(
        document,
        listen(document, handlers, [
          'pointerover',
          'focusin',
          'focusout',
          'pointerdown',
          'pointerup',
          'click',
        ]),
      );
    }
    return () => {
      clearTimeout(group.timer);
      if (group.current === member) group.current = undefined;
      group.members.delete(root);
      if ([...group.members.keys()].some((other) => other.ownerDocument === document)) return;
      heard.get(document)?.();
      heard.delete(document);
    };
  };
  return (host, wish, service) => {
    const own: Member = { host, ...wish };
    const leave = join(own);
    return {
      ...service,
      show(change) {
        service.show?.(change);
        const isOurs = change.reason === 'hover' || (rules.press === 'hide' && change.value);
        if (change.value) group.current = isOurs ? own : group.current;
        else if (group.current === own) {
          group.current = group.focused = undefined;
          group.warmUntil = performance.now() + rules.warm;
        }
      },
      settle(change) {
        group.isGivingBack = rules.press === 'pin';
        service.settle?.(change);
        group.isGivingBack = false;
      },
      release() {
        leave();
        service.release?.();
      },
    };
  };
}
