// How a layer treats focus: as a dialog, which takes it and holds it, or as a popover, which leaves it to the user.
//
// A layer calls its policy when it has opened, on Tab, when focus has left it for nowhere, and when it has closed.
import { focusedFrom, holds } from '../engine/flat.js';
import { chosen, focusOn, type FocusChoice, focusFirst, holdFocus, tabbables, wrapTab } from './focusable.js';
import { type Place, placeOf } from './place.js';
import type { Labels } from '../labels/labels.js';
import { readFirst } from './read-first.js';

/** The options of where focus goes. */
export interface FocusOptions {
  /**
   * Specifies where focus moves when it opens.
   *
   * @defaultValue `[autofocus]`, the first field, the least destructive action or the heading, in that order
   * @example { firstFocus: '#amount' }
   */
  firstFocus?: FocusChoice;
  /**
   * Specifies where focus moves when it closes.
   *
   * @defaultValue the opener, or the element after it
   * @example { focusReturn: '#orders' }
   */
  focusReturn?: FocusChoice;
}

/** What a layer asks of focus. */
export interface FocusPolicy {
  /** On closing, focus goes back from anywhere, or only when it was inside or nowhere. */
  returns: 'always' | 'inside';
  /** The layer has opened. */
  enter(): void;
  /** Tab was pressed in it or on its opener. `scope` holds what can be reached. */
  tab(event: KeyboardEvent, opener: Element | undefined, scope: HTMLElement): void;
  /** Focus has left it for nowhere. */
  hold?(from: Element): void;
  place: typeof placeOf;
  giveBack(place: Place | undefined, scope: HTMLElement): void;
}

/** What a policy asks of the layer it is for. */
export interface FocusHost {
  readonly root: HTMLElement;
  readonly options: FocusOptions;
  /** The intent of each command: a button that closes is told by it. */
  readonly commands: Readonly<Record<string, string>>;
}

const common = ({ options }: FocusHost): Pick<FocusPolicy, 'place' | 'giveBack'> => ({
  place: placeOf,
  giveBack: (place, scope) => place?.giveBack(scope, options.focusReturn),
});

/** As a dialog: it takes focus, keeps it, and gives it back from anywhere. */
export function dialogFocus(needs: FocusHost, { makeFocusable }: Labels): FocusPolicy {
  const { root, options, commands } = needs;
  let goOn: (() => void) | undefined;
  /** Its opener shows that it has focus: who presses it uses keys, or a screen reader. */
  let isByKeys: boolean | undefined;
  return {
    ...common(needs),
    returns: 'always',
    place(inner, outer, active) {
      isByKeys = active?.matches(':focus-visible');
      return placeOf(inner, outer, active);
    },
    enter() {
      goOn = readFirst(root, isByKeys, () => focusFirst(root, options.firstFocus, commands, makeFocusable));
    },
    tab(event) {
      goOn?.();
      wrapTab(event, root);
    },
    hold: (from) => holdFocus(root, from, makeFocusable),
  };
}

/** As a popover: focus stays where it is, and Tab leads in and out. */
export const popoverFocus = (needs: FocusHost): FocusPolicy => ({
  ...common(needs),
  returns: 'inside',
  enter() {
    const { root, options } = needs;
    focusOn(chosen(options.firstFocus ?? '[autofocus]', root), { preventScroll: true });
  },
  /** From the opener into the layer, and from its end to what follows the opener, wherever its markup stands. */
  tab(event, opener, scope) {
    const { root } = needs;
    const stops = tabbables(root);
    const active = focusedFrom(root);
    let target: Element | undefined;
    if (!event.shiftKey && active === opener) target = stops[0];
    else if (event.shiftKey && active === stops[0]) target = opener;
    else if (!event.shiftKey && active === stops.at(-1) && opener) {
      const page = tabbables(scope).filter((stop) => !holds(root, stop));
      target = page[page.findIndex((stop) => stop === opener) + 1];
    }
    if (!target) return;
    event.preventDefault();
    focusOn(target);
  },
});
