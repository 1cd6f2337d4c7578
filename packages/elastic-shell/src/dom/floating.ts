// The floating service: a layer in the top layer, beside an anchor or where its style puts it, the page live around it.
import type { Openable } from '../core/contract/openable.js';
import type { PlacementWish } from '../core/layers/placement.js';
import type { Escape, Outside } from '../core/layers/tree.js';
import { type Anchor, forgetPlace, keepBeside } from './anchor.js';
import type { Engine, Service } from './engine.js';
import { chosen, type FocusChoice, focusFirst, type Place, placeOf, tabbables } from './focus.js';
import { controlsOf } from './hub.js';
import { childrenOf, openLayer, parentOf, reachable } from './layers.js';
import { namer, type NamingRule } from './naming.js';
import { phases } from './phase.js';
import type { Change } from './types.js';

export interface FloatingOptions extends PlacementWish {
  /** What it stands beside: an element, a point in the viewport, or a function that finds one. Default: the opener. */
  anchor?: Anchor | (() => Anchor | null | undefined);
  /** Where focus goes on opening. Default: [autofocus], else it stays where it is. */
  firstFocus?: FocusChoice;
  /** Where focus goes on closing, when it was inside. Default: the opener, else what follows where it stood. */
  focusReturn?: FocusChoice;
  outside?: Outside;
  escape?: Escape;
  focusOut?: 'close' | 'keep';
}

/** Pixels, where the caller says nothing. */
const defaults = { gap: 8, padding: 8 };

/** True while `root` is shown as a popover; where the platform has none, by its phase. */
export const isShown = (root: Element): boolean =>
  'showPopover' in root ? root.matches(':popover-open') : root.getAttribute('data-phase') === 'open';

/** What a pattern says about its own floating layer: the service knows no pattern. */
export interface FloatingRules {
  /** It stands beside an anchor; else its style says where. */
  anchored: boolean;
  /** The area and the gap, in pixels, where the caller says nothing. Default: `block-end` and 8. */
  area?: string;
  gap?: number;
  outside: Outside;
  focusOut: 'close' | 'keep';
  naming: NamingRule;
  /** Moves focus in on opening as a dialog does; else only to [autofocus] or the option firstFocus. */
  takesFocus: boolean;
  /** Gives focus back on closing when it was inside or nowhere. */
  returnsFocus: boolean;
  ended?(result: string | null): void;
}

export function floating<O extends FloatingOptions>(
  engine: Engine<Openable, O>,
  rules: FloatingRules,
): Service {
  const { root, options } = engine;
  const document = root.ownerDocument;
  const native = 'showPopover' in root;
  const bare = !root.hasAttribute('style');
  const phase = phases(root, engine.render);
  const names = namer(root, rules.naming, engine.render);
  let releases: (() => void)[] = [];
  let place: Place | undefined;
  let opener: Element | null | undefined;
  let area: string | null = null;
  let hadFocus = false;

  const openers = (): Element[] =>
    controlsOf(root).filter((control) => engine.commands[control.getAttribute('command') ?? ''] !== 'close');
  const close = (reason: Change['reason'], event?: Event, settled = false): void =>
    engine.change({ open: false }, { reason, result: null, event }, settled);

  const anchorOf = (): Anchor => {
    const { anchor = opener } = options;
    const found = typeof anchor === 'function' ? anchor() : anchor;
    if (
      found &&
      (found instanceof document.defaultView!.Element || typeof (found as { x: unknown }).x === 'number')
    )
      return found;
    throw new TypeError(
      `elastic-shell: popover #${root.id} needs an anchor, an element or { x, y }, got ${found}; name it by commandfor on a button, or give the option anchor`,
    );
  };

  /** Tab goes from the opener into the layer, and from its end to what follows the opener, wherever its markup stands. */
  const tab = (event: KeyboardEvent): void => {
    const stops = tabbables(root);
    const active = document.activeElement;
    let target: HTMLElement | undefined;
    if (!event.shiftKey && active === opener) target = stops[0];
    else if (event.shiftKey && active === stops[0]) target = opener as HTMLElement;
    else if (!event.shiftKey && active === stops.at(-1) && opener) {
      const page = tabbables(reachable(document)).filter((stop) => !root.contains(stop));
      target = page[page.indexOf(opener as HTMLElement) + 1];
    }
    if (!target) return;
    event.preventDefault();
    target.focus();
  };

  const stand = (anchor: Anchor): (() => void) =>
    keepBeside(
      root,
      anchor,
      {
        ...options,
        area: options.area ?? rules.area,
        gap: Number(options.gap ?? rules.gap ?? defaults.gap),
        padding: Number(options.padding ?? defaults.padding),
      },
      (taken) => {
        area = taken;
        engine.render();
      },
      () => close(opener?.isConnected === false ? 'removed' : 'viewport', undefined, true),
    );

  const present = (change: Change): void => {
    opener = change.source ?? openers()[0];
    let anchor: Anchor | undefined;
    try {
      if (rules.anchored) anchor = anchorOf();
    } catch (error) {
      close('program', undefined, true);
      throw error;
    }
    place = placeOf(opener ?? document.activeElement);
    phase.go(true, () => {
      if (native && change.reason !== 'native') root.showPopover();
    });
    releases = [
      openLayer({
        id: root,
        parent: parentOf(opener, document),
        modal: false,
        outside: options.outside ?? rules.outside,
        escape: options.escape ?? 'close',
        focusOut: options.focusOut ?? rules.focusOut,
        // Another opener is outside: pressing it closes this and opens there.
        owners: () => (opener ? [opener] : []),
        dismiss: (reason, event) => close(reason, event, reason === 'parent'),
        tab,
      }),
    ];
    if (anchor) releases.push(stand(anchor));
    if (rules.takesFocus) focusFirst(root, options.firstFocus, engine.commands, names.makeFocusable);
    else
      (chosen(options.firstFocus ?? '[autofocus]', root) as HTMLElement | null)?.focus({
        preventScroll: true,
      });
  };

  const withdraw = (): void => {
    hadFocus = root.contains(document.activeElement);
    for (const child of childrenOf(root)) child.dismiss('parent');
    releases.splice(0).forEach((release) => release());
    names.forget();
    phase.go(false, () => {
      if (native && isShown(root)) root.hidePopover();
    });
  };

  return {
    parts: () =>
      names.parts({
        ...(native ? { popover: 'manual' } : { hidden: phase.now() === 'closed' ? '' : null }),
        'data-phase': phase.now(),
        inert: phase.now() === 'closing' ? '' : null,
        ...(rules.anchored && phase.now() !== 'closed'
          ? { 'data-area': area ?? options.area ?? rules.area ?? 'block-end' }
          : {}),
      }),
    show: (change) => (change.value ? present(change) : withdraw()),
    settle(change) {
      if (change.value) return;
      if (rules.returnsFocus && (hadFocus || document.activeElement === document.body))
        place?.giveBack(reachable(document), options.focusReturn);
      rules.ended?.(change.result ?? null);
    },
    release() {
      if (releases.length) withdraw();
      forgetPlace(root, bare);
      rules.ended?.(null);
    },
  };
}
