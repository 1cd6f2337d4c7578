// How a layer treats focus: like a dialog, which takes focus and keeps it, or like a popover, which leaves it
// to the user. A layer calls its policy when it has opened, on Tab, when focus has left it without a new
// target, and when it has closed.
import { focusedFrom, holds } from '../engine/flat.js';
import { chosen, focusOn, type FocusChoice, focusFirst, holdFocus, tabbables, wrapTab } from './focusable.js';
import { type Place, placeOf } from './place.js';
import type { Labels } from '../labels/labels.js';
import { readFirst } from './read-first.js';

/** The options for focus. */
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

/** How a layer treats focus. */
export interface FocusPolicy {
  /** Whether focus returns from everywhere on closing, or only if it was inside or nowhere. */
  returns: 'always' | 'inside';
  /** Called when the layer has opened. */
  enter(): void;
  /** Called when Tab was pressed in it or on its opener. `scope` contains everything that can be reached. */
  tab(event: KeyboardEvent, opener: Element | undefined, scope: HTMLElement): void;
  /** Called when focus has left it without a new target. */
  hold?(from: Element): void;
  place: typeof placeOf;
  giveBack(place: Place | undefined, scope: HTMLElement): void;
}

/** What a policy needs from its layer. */
export interface FocusHost {
  readonly root: HTMLElement;
  readonly options: FocusOptions;
  /** The intent of each command, which tells whether a button closes the layer. */
  readonly commands: Readonly<Record<string, string>>;
}

const common = ({ options }: FocusHost): Pick<FocusPolicy, 'place' | 'giveBack'> => ({
  place: placeOf,
  giveBack: (place, scope) => place?.giveBack(scope, options.focusReturn),
});

/**
 * Treats focus like a dialog: takes it, keeps it, and returns it from everywhere.
 *
 * @param needs - What the policy needs from its layer.
 * @returns The policy.
 */
export function dialogFocus(needs: FocusHost, { makeFocusable }: Labels): FocusPolicy {
  const { root, options, commands } = needs;
  let goOn: (() => void) | undefined;
  /** Its opener shows a focus ring, so the user works with a keyboard or a screen reader. */
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

/**
 * Treats focus like a popover: focus stays where it is, and Tab moves in and out.
 *
 * @param needs - What the policy needs from its layer.
 * @returns The policy.
 */
export const popoverFocus = (needs: FocusHost): FocusPolicy => ({
  ...common(needs),
  returns: 'inside',
  enter() {
    const { root, options } = needs;
    focusOn(chosen(options.firstFocus ?? '[autofocus]', root), { preventScroll: true });
  },
  /**
   * From the opener into the layer, and from its end to the element after the opener, wherever its markup is.
   */
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
