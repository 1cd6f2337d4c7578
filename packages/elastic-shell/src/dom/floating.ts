// The floating service: a layer in the top layer beside its anchor, the page live around it.
import type { Attributes } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import type { PlacementWish } from '../core/layers/placement.js';
import type { Escape, Outside } from '../core/layers/tree.js';
import { type Anchor, forgetPlace, keepBeside } from './anchor.js';
import type { Engine, Service } from './engine.js';
import { type FocusChoice, type Place, placeOf, tabbables } from './focus.js';
import { controlsOf } from './hub.js';
import { childrenOf, openLayer, parentOf, reachable } from './layers.js';
import { phases } from './phase.js';
import type { Change } from './types.js';

export interface FloatingOptions extends PlacementWish {
  /** What it stands beside: an element, a point in the viewport, or a function that finds one. Default: the opener. */
  anchor?: Anchor | (() => Anchor | null | undefined);
  /** Where focus goes on opening. Default: [autofocus], else it stays where it is. */
  firstFocus?: FocusChoice;
  outside?: Outside;
  escape?: Escape;
  focusOut?: 'close' | 'keep';
}

/** Pixels, where the caller says nothing. */
const defaults = { gap: 8, padding: 8 };

/** True while `root` is shown as a popover; where the platform has none, by its phase. */
export const isShown = (root: Element): boolean =>
  'showPopover' in root ? root.matches(':popover-open') : root.getAttribute('data-phase') === 'open';

export function floating<O extends FloatingOptions>(engine: Engine<Openable, O>): Service {
  const { root, options } = engine;
  const document = root.ownerDocument;
  const native = 'showPopover' in root;
  const bare = !root.hasAttribute('style');
  const named = root.matches('[aria-label],[aria-labelledby]');
  const phase = phases(root, engine.render);
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

  const present = (change: Change): void => {
    opener = change.source ?? openers()[0];
    let anchor: Anchor;
    try {
      anchor = anchorOf();
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
        outside: options.outside ?? 'close',
        escape: options.escape ?? 'close',
        focusOut: options.focusOut ?? 'close',
        // Another opener is outside: pressing it closes this and opens there.
        owners: () => (opener ? [opener] : []),
        dismiss: (reason, event) => close(reason, event, reason === 'parent'),
        tab,
      }),
      keepBeside(
        root,
        anchor,
        {
          ...options,
          gap: Number(options.gap ?? defaults.gap),
          padding: Number(options.padding ?? defaults.padding),
        },
        (taken) => {
          area = taken;
          engine.render();
        },
        () => close(opener?.isConnected === false ? 'removed' : 'viewport', undefined, true),
      ),
    ];
    const { firstFocus = '[autofocus]' } = options;
    const first =
      typeof firstFocus === 'function'
        ? firstFocus()
        : typeof firstFocus === 'string'
          ? root.querySelector(firstFocus)
          : firstFocus;
    (first as HTMLElement | null | undefined)?.focus({ preventScroll: true });
  };

  const withdraw = (): void => {
    hadFocus = root.contains(document.activeElement);
    for (const child of childrenOf(root)) child.dismiss('parent');
    releases.splice(0).forEach((release) => release());
    phase.go(false, () => {
      if (native && isShown(root)) root.hidePopover();
    });
  };

  const attributes = (): Attributes => {
    const title = root.querySelector('h1,h2,h3,h4,h5,h6');
    return {
      ...(native ? { popover: 'manual' } : { hidden: phase.now() === 'closed' ? '' : null }),
      ...(title?.id && !named
        ? { 'aria-labelledby': title.id, role: root.getAttribute('role') ?? 'group' }
        : {}),
      'data-phase': phase.now(),
      'data-area': phase.now() === 'closed' ? null : (area ?? options.area ?? 'block-end'),
      inert: phase.now() === 'closing' ? '' : null,
    };
  };

  return {
    parts: () => [[root, attributes()]],
    show: (change) => (change.value ? present(change) : withdraw()),
    settle(change) {
      if (!change.value && (hadFocus || document.activeElement === document.body))
        place?.giveBack(reachable(document));
    },
    release() {
      if (releases.length) withdraw();
      forgetPlace(root, bare);
    },
  };
}
