// Hover and focus with intent: opens the layer of a control while the pointer or keyboard focus is on the
// control. One layer of a group is open at a time. The pointer must rest on the control. It may then cross
// from the control to the layer. For a while after a layer has closed, the next one opens at once. Focus
// opens a layer only if it came from the keyboard: a click, or focus that a closing layer returns, shows no
// intent.
import type { Reason } from '../core/change.js';
import type { Openable } from '../core/contract/openable.js';
import { closestTo, elementNamed, isElement } from '../engine/dom.js';
import type { Service } from '../engine/service.js';
import type { Cause } from '../engine/types.js';
import { type Handlers, listen } from '../events/listen.js';
import { activeIn } from '../focus/focusable.js';
import { childrenOf } from './open-layers.js';

/** The time that the pointer has to cross from the control to its layer, in milliseconds. */
const grace = 200;

/** The rules of a group: how its layers open. */
export interface GroupRules {
  /** The attributes by which a control refers to its layer. */
  names: readonly string[];
  /** How long the pointer rests before the first layer opens, in milliseconds. */
  rest: number;
  /** How long after a layer has closed the next one opens at once, in milliseconds. */
  warm: number;
  /**
   * What a click on the control does. `hide` closes the layer, and `pin` keeps it open when the pointer
   * leaves.
   */
  press: 'hide' | 'pin';
}

/** Which of hover and focus open a layer, and how long the pointer must rest on the control. */
export interface HoverWish {
  hover: boolean;
  focus: boolean;
  /** A number, or its text in an attribute. Default: the delay of the group. */
  delay?: unknown;
}

/** The pattern of the layer. */
export interface HoverHost {
  readonly root: HTMLElement;
  state(): Openable;
  intend(intent: 'open', cause: Cause): void;
  change(next: Openable, cause: Cause): void;
}

/** Adds opening by hover and keyboard focus of the controls that refer to its root. */
export type OnHover = (host: HoverHost, wish: HoverWish, service: Service<Openable>) => Service<Openable>;

interface Member extends HoverWish {
  host: HoverHost;
}

/** A member of the group, and the control that refers to it. */
interface Found {
  member: Member;
  control: Element;
}

/** The data that all members of a group share. */
interface Group {
  rules: GroupRules;
  members: Map<Element, Member>;
  /** The layer that hover or focus has opened, unless it is pinned. */
  current: Member | undefined;
  /** The control whose keyboard focus opened the layer. While it has focus, the pointer closes nothing. */
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
    // jsdom doesn't support :focus-visible.
    return true;
  }
};

const later = (group: Group, milliseconds: number, act: () => void): void => {
  clearTimeout(group.timer);
  if (milliseconds) group.timer = setTimeout(act, milliseconds);
  else act();
};

/** Returns the control that contains the target of an event, with its layer. */
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

/** Closes the visible layer, unless something opened from it keeps it open. */
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

/** The listeners of a group in a document. */
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

/** Creates a group of layers that open on hover or focus. */
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
